import { itemAt } from '../lists/items'

/** Grades of hand tests, in words; common practice. Means of several grades are welcome. */

const CREASE = [
  'Creases like paper: expect it to look worn in an hour.',
  'Creases much, and they stay.',
  'Creases, and hangs out in part overnight.',
  'Hardly creases.',
  'Springs back: good for travelling.',
]
const CROCKING = [
  'Comes off at a touch: wash it alone, and keep it from pale cloth and pale seats.',
  'Comes off clearly: wash it alone several times.',
  'Comes off somewhat: wash it with its own kind.',
  'Next to nothing comes off.',
  'Nothing comes off.',
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
    return 'Sheds water: a finish, a coating, or a fibre that takes none. It will take no dye until that is washed out.'
  if (seconds < 3) return 'Drinks at once: good next to the skin, for towels, and for dyeing.'
  if (seconds < 15) return 'Takes water up slowly: a new finish may wash out.'
  return 'Takes water up hardly: perhaps a finish, wool’s own grease, or a tight smooth synthetic.'
}
