import { type Part } from '../vocabulary/observations'
import { type Verdict } from './types'
import { verdictBriefly, VERDICT_THRESHOLD } from './verdict'
import { capitalise } from '../units/format'
import { doubtWords } from './words'
import { type Vocabulary } from '../vocabulary/words'

/** Whether the parts tested apart are of one stuff. */
export interface PartsAnswer {
  /** Probability that they are not; null where only one was tested apart. */
  differ: number | null
  text: string
}

/** Two different verdicts for warp and weft make a mixed cloth; said so, and how surely. */
export function partsAnswer(
  differ: number | null,
  verdicts: readonly (readonly [Part, Verdict])[],
  vocabulary: Vocabulary,
): PartsAnswer {
  const each = verdicts.map(([part, verdict]) => `the ${part} is ${verdictBriefly(verdict, vocabulary)}`).join('; ')
  if (differ === null)
    return {
      differ,
      text: `${capitalise(each)}. The other yarns were not tested separately: burn one of each direction.`,
    }
  const names = verdicts.map(([part]) => part).join(' and ')
  if (differ >= VERDICT_THRESHOLD)
    return {
      differ,
      text: `A mixed fabric: its ${names} are ${doubtWords(differ)} not the same fibre. ${capitalise(each)}.`,
    }
  if (differ <= 1 - VERDICT_THRESHOLD)
    return { differ, text: `Its ${names} are ${doubtWords(1 - differ)} the same fibre.` }
  return { differ, text: `We can’t tell whether its ${names} are the same fibre. ${capitalise(each)}.` }
}
