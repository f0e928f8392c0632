import { fleschKincaid } from 'flesch-kincaid'
import { syllable } from 'syllable'

/** How many years of school a text asks for (Flesch and Kincaid 1975): 8 is read by nearly everybody. */
export function readingGrade(texts: readonly string[]): number {
  const sentences = texts.flatMap((text) => text.split(/(?<=[.?!])\s+/)).filter((part) => /\p{L}/u.test(part))
  const words = sentences.flatMap((part) => part.match(/[\p{L}’]+/gu) ?? [])
  return fleschKincaid({
    sentence: sentences.length,
    word: words.length,
    syllable: words.reduce((sum, word) => sum + syllable(word), 0),
  })
}
