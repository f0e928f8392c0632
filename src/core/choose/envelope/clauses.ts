import { LETTERS } from './captions'
import { plainText } from './numbers'

/** One statement of an envelope, with the line that it stands on. */
export interface Clause {
  /** Lower case, signs made plain. */
  text: string
  /** As it was written. */
  written: string
  /** Of the envelope, from 0. */
  line: number
}

/** Ends of sentences that are none: abbreviations that envelopes use. */
const ABBREVIATED = /\b(?:in|yd|yds|approx|incl|eg|e\.g|i\.e|etc|no|min|max|oz|wt)\.$/i

/** An envelope’s text as its lines, and each as its sentences. */
export function clausesOf(text: string): Clause[] {
  return text.split(/\r?\n/).flatMap((line, index) =>
    sentencesOf(withoutFrame(line))
      .flatMap((sentence) => sentence.split(NEXT_VIEW))
      .map((written) => written.trim())
      .filter((written) => written !== '')
      .map((written) => ({ written, text: plainText(written).toLowerCase().trim(), line: index })),
  )
}

/** Where a line goes on with another view: “… VIEW B: 45 in: 3 yds”. */
const NEXT_VIEW = new RegExp(String.raw`(?<=\S)[\s,;]+(?=views?\s+${LETTERS}\s*[:(])`, 'i')
/** A list in brackets behind its first: “Age 2 (4, 6, 8)”, “1.2 m (1.3, 1.5)”. */
const BRACKETED = /(?<=[\w½⅓⅔¼¾⅛⅜⅝⅞"])\s*\(((?:[\w.½⅓⅔¼¾⅛⅜⅝⅞/ ]+,\s+)+[\w.½⅓⅔¼¾⅛⅜⅝⅞/ ]+)\)/g

/** A row of a table without the lines that are drawn around it, a list without its brackets. */
function withoutFrame(line: string): string {
  if (/^[\s|:+=_-]*$/.test(line)) return ''
  return line
    .replace(/^\s*[-•·]\s+(?=\S)/, '')
    .replace(/^\s*\|\s*|\s*\|\s*$/g, '')
    .replace(BRACKETED, ', $1')
}

function sentencesOf(line: string): string[] {
  const found: string[] = []
  let start = 0
  for (const { index } of line.matchAll(/[.;!?](?=\s|$)/g)) {
    const piece = line.slice(start, index + 1)
    const goesOn = index + 1 < line.trimEnd().length && !/^\s+[A-Z][a-z]/.test(line.slice(index + 1))
    if (line[index] === '.' && ABBREVIATED.test(piece) && goesOn) continue
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
