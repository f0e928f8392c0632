import { plainText } from './numbers'

/** One statement of an envelope, with the line that it stands on. */
export interface Clause {
  /** Lower case, signs made plain. */
  text: string
  /** As it was written. */
  written: string
}

/** Ends of sentences that are none: abbreviations that envelopes use. */
const ABBREVIATED = /\b(?:in|yd|yds|approx|incl|eg|e\.g|i\.e|etc|no|min|max|oz|wt)\.$/i

/** An envelope’s text as its lines, and each as its sentences. */
export function clausesOf(text: string): Clause[] {
  return text
    .split(/\r?\n/)
    .flatMap((line) =>
      sentencesOf(line).map((written) => ({ written, text: plainText(written).toLowerCase().trim() })),
    )
}

function sentencesOf(line: string): string[] {
  const found: string[] = []
  let start = 0
  for (const { index } of line.matchAll(/[.;!?](?=\s|$)/g)) {
    const piece = line.slice(start, index + 1)
    if (line[index] === '.' && ABBREVIATED.test(piece) && index + 1 < line.trimEnd().length) continue
    found.push(piece)
    start = index + 1
  }
  found.push(line.slice(start))
  return found
    .map((piece) =>
      piece
        .trim()
        .replace(/[.;!?]+$/, '')
        .trim(),
    )
    .filter((piece) => piece !== '')
}
