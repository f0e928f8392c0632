import { type FamilyId } from './types'

export interface Family {
  id: FamilyId
  name: string
  /** As it stands in a sentence: "it is …". */
  phrase: string
  /** One sentence: what belongs to it and what they have in common. */
  about: string
  /** Whether people mean it when they ask for plastic. */
  plastic: boolean
}

export const families: Record<FamilyId, Family> = {
  plant: {
    plastic: false,
    id: 'plant',
    name: 'Plant',
    phrase: 'a plant fibre',
    about: 'Cotton, linen and their like: cellulose as it grew. Burns like paper and leaves soft ash.',
  },
  regenerated: {
    plastic: false,
    id: 'regenerated',
    name: 'Regenerated',
    phrase: 'a regenerated cellulose fibre',
    about: 'Cellulose dissolved and spun again. Burns like cotton; most of them are weak when wet.',
  },
  acetate: {
    plastic: false,
    id: 'acetate',
    name: 'Acetate',
    phrase: 'an acetate',
    about: 'Cellulose turned into something that melts. Smells of vinegar; acetone dissolves it.',
  },
  protein: {
    plastic: false,
    id: 'protein',
    name: 'Protein',
    phrase: 'a protein fibre',
    about: 'Wool, hair and silk. Smells of burnt hair, dies out by itself, leaves a bead that crushes.',
  },
  synthetic: {
    plastic: true,
    id: 'synthetic',
    name: 'Synthetic',
    phrase: 'a synthetic',
    about: 'Spun from oil. Melts, smells of chemicals, sets hard when it is cold.',
  },
  mineral: {
    plastic: false,
    id: 'mineral',
    name: 'Mineral',
    phrase: 'a mineral or metal fibre',
    about: 'Glass and metal. Does not burn.',
  },
}
