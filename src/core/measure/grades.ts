import { itemAt } from '../lists/items'

/** Grades of hand tests, in words; common practice. Means of several grades are welcome. */

const CREASE = [
  'Creases like paper: it will look worn within an hour.',
  'Creases a lot, and stays creased.',
  'Creases, but partly hangs out overnight.',
  'Hardly creases.',
  'Springs back: good for travelling.',
]
const CROCKING = [
  'Rubs off at a touch: wash it alone, and keep it away from pale fabric and pale seats.',
  'Rubs off clearly: wash it alone several times.',
  'Rubs off a little: wash it with similar colours.',
  'Almost nothing rubs off.',
  'Nothing rubs off.',
]

const nearest = (words: readonly string[], grade: number) =>
  itemAt(words, Math.max(1, Math.min(5, Math.round(grade))) - 1)

/** @param grade 1 a ball of paper … 5 no crease */
export function creaseWords(grade: number): string {
  return nearest(CREASE, grade)
}

/** @param grade 1 much colour on the white cloth … 5 none */
export function crockingWords(grade: number): string {
  return nearest(CROCKING, grade)
}

/** What the time of a drop means. @param seconds null where it still stood after a minute */
export function absorbencyWords(seconds: number | null): string {
  if (seconds === null || seconds > 60)
    return (
      'Repels water: a finish, a coating, or a fibre that takes up none. It takes no dye until you ' +
      'wash that out.'
    )
  if (seconds < 3) return 'Soaks up water at once: good next to the skin, for towels, and for dyeing.'
  if (seconds < 15) return 'Soaks up water slowly: a new finish may wash out.'
  return 'Hardly soaks up water: perhaps a finish, wool’s own grease, or a tight smooth synthetic.'
}
