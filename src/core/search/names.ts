import { nearestWords, plainWords } from './slips'

/** Something that is found by its words. */
export interface Sought<T> {
  thing: T
  /** Plain words of its title, and of everything else that it is found by. */
  title: readonly string[]
  words: readonly string[]
}

/** A list of things made ready to be searched: once, for as long as the list stands. */
export function indexOf<T>(things: readonly T[], told: (thing: T) => { title: string; also: string }): Sought<T>[] {
  return things.map((thing) => {
    const { title, also } = told(thing)
    return { thing, title: plainWords(title), words: [...plainWords(title), ...plainWords(also)] }
  })
}

/**
 * What has every one of the words, or a word that begins so; those whose title has them come first. A word that begins
 * none is taken for a slip of the pen.
 */
export function foundBy<T>(index: readonly Sought<T>[], text: string, most: number): T[] {
  const words = plainWords(text)
  if (words.length === 0) return []
  const known = new Set(index.flatMap((one) => one.words))
  const asked = words.map((word) =>
    [...known].some((one) => one.startsWith(word)) ? [word] : nearestWords(word, known),
  )
  const has = (own: readonly string[]) =>
    asked.every((near) => near.some((word) => own.some((one) => one.startsWith(word))))
  const found = index.filter((one) => has(one.words))
  return [...found.filter((one) => has(one.title)), ...found.filter((one) => !has(one.title))]
    .slice(0, most)
    .map(({ thing }) => thing)
}
