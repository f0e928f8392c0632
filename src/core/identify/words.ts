import { FIBRE_WORDS, type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type Vocabulary } from '../vocabulary/words'
import { families } from '../fibres/families'
import { mustHave } from '../lists/items'

export { capitalise } from '../units/format'
export type { Vocabulary } from '../vocabulary/words'

/**
 * Fixed bands of words for a probability; documented in docs/architecture.md. Each row: from this probability, these
 * words.
 */
export const DOUBT_BANDS: readonly (readonly [from: number, words: string])[] = [
  [0.99, 'almost certainly'],
  [0.95, 'very probably'],
  [0.8, 'probably'],
  [0.6, 'more likely than not'],
  [0.3, 'possibly'],
  [0, 'hardly'],
]

/** The words for a probability. */
export function doubtWords(probability: number): string {
  return mustHave(DOUBT_BANDS.find(([from]) => probability >= from))[1]
}

export function fibreName(id: FibreId, vocabulary: Vocabulary = 'uk'): string {
  return FIBRE_WORDS[id][vocabulary]
}

/** `cotton`, `cotton with polyester`, or `cotton with polyester and elastane`; empty for none. */
export function fibreListWords(ids: readonly FibreId[], vocabulary: Vocabulary = 'uk'): string {
  const [first = '', ...others] = ids.map((id) => fibreName(id, vocabulary))
  return others.length === 0 ? first : `${first} with ${joinWithAnd(others)}`
}

/** `wool, silk and nylon`. */
export function joinWithAnd(words: readonly string[]): string {
  return words.length < 2 ? words.join() : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`
}

/** `a plant or a regenerated cellulose fibre`. */
export function familyChoiceWords(ids: readonly FamilyId[]): string {
  return ids.map((id) => families[id].phrase).join(' or ')
}
