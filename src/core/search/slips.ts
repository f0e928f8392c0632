import { itemAt } from '../lists/items'

/**
 * How many slips of the pen lie between two words: a letter more, less, other, or two of them swapped (the optimal
 * string alignment distance).
 * @param most from so many on it is no longer counted: `most + 1` is answered
 */
export function slipsBetween(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1
  let before: number[] = []
  let last = Array.from({ length: b.length + 1 }, (_, j) => j)
  for (let i = 1; i <= a.length; i++) {
    const row = [i]
    for (let j = 1; j <= b.length; j++) {
      const other = a[i - 1] === b[j - 1] ? 0 : 1
      let least = Math.min(itemAt(last, j) + 1, itemAt(row, j - 1) + 1, itemAt(last, j - 1) + other)
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, itemAt(before, j - 2) + 1)
      row.push(least)
    }
    if (Math.min(...row) > most) return most + 1
    before = last
    last = row
  }
  return Math.min(itemAt(last, b.length), most + 1)
}

/** So many slips are forgiven in a word of that length. */
export function slipsForgiven(word: string): number {
  if (word.length < 4) return 0
  return word.length < 8 ? 1 : 2
}

/**
 * The known words that are nearest to a written one, where none is written so; nearest first, at most so many. A word
 * that goes on after the written one counts as if it stopped there.
 */
export function nearestWords(written: string, known: Iterable<string>, most = 5): string[] {
  const forgiven = slipsForgiven(written)
  if (forgiven === 0) return []
  const near: { word: string; slips: number }[] = []
  for (const word of known) {
    const slips = Math.min(
      slipsBetween(written, word, forgiven),
      word.length > written.length ? slipsBetween(written, word.slice(0, written.length), forgiven) + 0.5 : Infinity,
    )
    if (Math.floor(slips) <= forgiven) near.push({ word, slips })
  }
  near.sort((a, b) => a.slips - b.slips || a.word.length - b.word.length)
  return near.slice(0, most).map(({ word }) => word)
}

/** A text as plain words: lower case, without accents. */
export function plainWords(text: string): string[] {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
}
