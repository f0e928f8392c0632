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

/** What begins another sentence behind “yds.”: a capital, a width. */
const NEXT = /^\s+(?:[A-Z][A-Za-z]|\d{1,2} [a-z]{3,}|[A-K]\s*:|\d{2,3}(?:\/\d{2,3})?\s?-?(?:"|”|″|cm\b|in\b|inch))/

/** No statement of an envelope is longer; what is, is a person’s to read. */
export const LONGEST_CLAUSE = 600
const LONGEST_LINE = 2000

/** An envelope’s text as its lines, and each as its sentences. */
export function clausesOf(text: string): Clause[] {
  return text.split(/\r?\n/).flatMap((line, index) =>
    sentencesOf(line.length > LONGEST_LINE ? line : withoutFrame(line))
      .flatMap((sentence) => (sentence.length > LONGEST_CLAUSE ? sentence : sentence.split(NEXT_VIEW)))
      .map((written) => written.trim())
      .filter((written) => written !== '')
      .map((written) => ({ written, text: plainText(written).toLowerCase().trim(), line: index })),
  )
}

/** Where a line goes on with another view: “… VIEW B: 45 in: 3 yds”. */
const NEXT_VIEW = new RegExp(String.raw`(?<=\S)(?<!\bfor)[\s,;]+(?=views?\s+${LETTERS}\s*[:(])`, 'i')
/** A list in brackets behind its first: “Age 2 (4, 6, 8)”, “1.2 m (1.3, 1.5)”. */
const BRACKETED = new RegExp(
  String.raw`(?<=[\w½⅓⅔¼¾⅛⅜⅝⅞"])\s*\((?!sizes?|ages?|views?|for|uk|us|eu)` +
    String.raw`((?:[\w.½⅓⅔¼¾⅛⅜⅝⅞/ ]+,\s+)+[\w.½⅓⅔¼¾⅛⅜⅝⅞/ ]+)\)`,
  'gi',
)

/** The other of two: `1.0 m [1.1 m]`, `XS-M [L-XXL]`. */
const SQUARE = /(?<=\w)\s*\[((?:\d[\w.,/½⅓⅔¼¾⅛⅜⅝⅞" ]{0,12}|[\dXSML]{1,4}(?:-[\dXSML]{1,4})?))\]/g
/** `55/60/65 cm`, `2.6/1.9 m`: a list, and no fraction. */
const SLASHED = /(?<![\d/.])(?:\d+(?:[.,]\d+)?(?:\/\d+(?:[.,]\d+)?){2,}|\d+[.,]\d+\/\d+(?:[.,]\d+)?)(?![\d/])/g
const HYPHENED = new RegExp(
  String.raw`(?<![\d.,-])(?:\d+(?:[.,]\d+)?(?: - \d+(?:[.,]\d+)?){2,}(?![\d.,-])|` +
    String.raw`\d+[.,]\d+(?:-\d+[.,]\d+){2,}(?![\d-])|\d{2,3}(?:-\d{2,3}){2,}(?=\s*cm\b))`,
  'g',
)
const CELL = String.raw`(?:\d[\d.,/½⅓⅔¼¾⅛⅜⅝⅞]*|[1-6]?X{0,3}[SML]|X{1,2}S)`
/** Every other one in brackets: `S(M)L(XL)`, `2.3(2.4)2.5(2.6) m`. */
const ALTERNATE = new RegExp(`(?<!\\w)${CELL}\\(${CELL}\\)(?:${CELL}(?:\\(${CELL}\\))?)+`, 'g')

/** A row of a table without the lines that are drawn around it, a list without its brackets. */
function withoutFrame(line: string): string {
  if (/^[\s|:+=_-]*$/.test(line)) return ''
  return line
    .replace(/^\s*[-•·]\s+(?=\S)/, '')
    .replace(/^\s*\|\s*|\s*\|\s*$/g, '')
    .replace(BRACKETED, ', $1')
    .replace(SQUARE, ', $1')
    .replace(SLASHED, (list) => list.replaceAll('/', ' / '))
    .replace(HYPHENED, (list) => list.replaceAll('-', ' / '))
    .replace(ALTERNATE, (list) => list.split(/[()]+/).filter(Boolean).join(', '))
}

function sentencesOf(line: string): string[] {
  const found: string[] = []
  let start = 0
  for (const { index } of line.matchAll(/[.;!?](?=\s|$)/g)) {
    const piece = line.slice(start, index + 1)
    const goesOn = index + 1 < line.trimEnd().length && !NEXT.test(line.slice(index + 1))
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
