import { type Vocabulary, wordFor } from '../vocabulary/words'
import { clothWithId } from './traits'
import { type NamedCloth } from './types'

/** What shops see so often that their weight is in the hand; common practice. In the order of weight. */
const FAMILIAR = [
  'chiffon',
  'voile',
  'lawn',
  'shirting',
  'quilting-cotton',
  'linen-medium',
  'chino',
  'denim',
  'coating',
  'denim-heavy',
]

export interface BesideFamiliar {
  /** Familiar cloths that are usually lighter, about so heavy, and heavier; the nearest first. */
  lighter: NamedCloth[]
  like: NamedCloth[]
  heavier: NamedCloth[]
}

/** What familiar cloths usually weigh in the middle, g/m², the lightest first. */
export function familiarWeights(vocabulary: Vocabulary): { name: string; gsm: number }[] {
  return FAMILIAR.flatMap((id) => clothWithId(id) ?? [])
    .map(({ name, gsm: [low, high] }) => ({ name: wordFor(name, vocabulary), gsm: (low + high) / 2 }))
    .toSorted((a, b) => a.gsm - b.gsm)
}

/** A weight beside cloths that everybody has handled. @param gsm g/m² */
export function besideFamiliar(gsm: number): BesideFamiliar {
  const known = FAMILIAR.flatMap((id) => clothWithId(id) ?? [])
  return {
    lighter: known.filter(({ gsm: [, high] }) => high < gsm).reverse(),
    like: known.filter(({ gsm: [low, high] }) => low <= gsm && gsm <= high),
    heavier: known.filter(({ gsm: [low] }) => low > gsm),
  }
}
