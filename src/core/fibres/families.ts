import { FAMILIES, FAMILY_WORDS, type FamilyId } from '../vocabulary/fibres'

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

const about: Readonly<Record<FamilyId, Pick<Family, 'about' | 'plastic'>>> = {
  plant: {
    plastic: false,
    about: 'Cotton, linen and similar fibres: natural cellulose. Burns like paper and leaves soft ash.',
  },
  regenerated: {
    plastic: false,
    about: 'Cellulose dissolved and spun again. Burns like cotton; most of these are weak when wet.',
  },
  acetate: {
    plastic: false,
    about: 'Cellulose turned into something that melts. Smells of vinegar; acetone dissolves it.',
  },
  protein: {
    plastic: false,
    about: 'Wool, hair and silk. Smells of burnt hair, goes out by itself, leaves a bead that you can crush.',
  },
  synthetic: {
    plastic: true,
    about: 'Spun from oil. Melts, smells of chemicals, sets hard when cold.',
  },
  mineral: {
    plastic: false,
    about: 'Glass and metal. Does not burn.',
  },
}

export const families = Object.fromEntries(
  FAMILIES.map((id) => [id, { id, ...FAMILY_WORDS[id], ...about[id] }]),
) as Record<FamilyId, Family>
