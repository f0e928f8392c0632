import { findSpans, type Span } from './spans'
import { itemAt, mustHave } from '../../lists/items'

/** Whether pieces are laid one way only. */
export interface NapMark extends Span {
  is: 'nap'
  nap: boolean
}

const nap = (isOneWay: boolean) => () => ({ is: 'nap' as const, nap: isOneWay })

/** What so many asterisks say, where an envelope does not say it itself: common practice. */
export const USUAL_STARS: readonly boolean[] = [true, false, false]
const STARRED = [1, 2, 3].map((many) => new RegExp(`(?<!\\*)\\*{${many}}(?!\\*)`, 'g'))
const EITHER = /\bwith(?:out)? (?:or|and|\/) ?with(?:out)? nap\b|\bw\/?(?:o|wo)? ?or w\/?o? nap\b|\*+(?:\/\*+)+/g
const WITHOUT = /\bwithout nap\b|\bno nap\b|\bw\/?o nap\b/g
const WITH = /\bwith nap\b|\bw\/? ?nap\b|\bnap\b(?! (?:layout|fabric))|\bone[- ]way\b/g

/**
 * What a line says of the nap, in its order.
 * @param text lower case
 * @param stars whether one, two and three asterisks say that it is laid one way
 */
export function napMarks(text: string, stars: readonly boolean[] = USUAL_STARS): NapMark[] {
  return findSpans(text, [
    [EITHER, nap(false)],
    [WITHOUT, nap(false)],
    [WITH, nap(true)],
    ...STARRED.map((pattern, i) => [pattern, nap(itemAt(stars, i))] as const),
    // The cells of a column that is headed so.
    [/\byes\b/g, nap(true)],
    [/(?<=\d["a-z)\s]*)\bno\b(?=\s*\d)/g, nap(false)],
  ])
}

/** What a line says of the nap as a whole; null where it says nothing. */
export const napIn = (text: string): boolean | null => napMarks(text)[0]?.nap ?? null

/** What asterisks say in this envelope: `* without nap`. @param text the whole of it */
export function starsIn(text: string): readonly boolean[] {
  const legend = [...text.toLowerCase().matchAll(/(?<!\*)(\*{1,3})\s*=?\s*((?:with|without|no|one)[^*\n]{0,24})/g)]
  return USUAL_STARS.map((usual, i) => {
    const said = legend.find(([, stars]) => mustHave(stars).length === i + 1)
    return (said && napIn(itemAt(said, 2))) ?? usual
  })
}
