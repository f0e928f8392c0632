import { NOTION_PATTERNS } from './lexicon'
import { type Clause } from './clauses'
import { lengthMm, NUMBER, parseEnvelopeNumber, UNIT } from './numbers'
import { itemAt, mustHave } from '../../lists/items'

/** Something to buy beside cloth. */
export interface EnvelopeNotion {
  id: string
  text: string
  /** How many; null where it is not a matter of counting, or not said. */
  count: number | null
  /** How long and how wide it is, mm, where that is said. */
  lengthMm?: number
  widthMm?: number
}

const WORDS: readonly string[] = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]
const COUNT = new RegExp(`(?<![\\w/.])(${WORDS.slice(1).join('|')}|\\d{1,2}|an?)\\b(?!\\s?[/.,-]\\s?\\d)`)
/** A length is no count: “20 cm zip”. */
const MEASURE = new RegExp(`(?<![\\d/.,])(${NUMBER})\\s*-?\\s*(${UNIT})`, 'g')

/** What a clause lists: its notions, and the items of the list that are none. */
export interface NotionsRead {
  notions: EnvelopeNotion[]
  others: string[]
}

/** The notions of a clause; what stands between commas is one each. */
export function notionsIn({ text, written }: Clause): NotionsRead {
  const parts = splitList(text)
  const shown = splitList(written)
  const read: NotionsRead = { notions: [], others: [] }
  parts.forEach((part, index) => {
    const last = read.notions.at(-1)
    // “Elastic: 1¼ yd of 1¼ in, 1 yd of ⅜ in”: another of the same.
    const isAgain = last !== undefined && ANOTHER.test(part)
    const found = isAgain
      ? NOTION_PATTERNS.find(([, id]) => id === last.id)
      : NOTION_PATTERNS.find(([pattern]) => pattern.test(part))
    if (!found) read.others.push(part)
    // “No zip” is nothing to buy.
    else if (/^no \w+$/.test(part)) return
    else
      read.notions.push({
        id: found[1],
        text: (shown[index] ?? part).replace(HEADING, '').trim(),
        count: countIn(part),
        ...sizeOf(part),
      })
  })
  return read
}

const HEADING = /^(?:notions|haberdashery|you(?:'ll| will) need|also|needs?|requires?)\b\s*:?\s*/i

/** What is said of its size: of two measures the larger is how long it is, `1¼ yd of ¼" elastic`. */
function sizeOf(part: string): Pick<EnvelopeNotion, 'lengthMm' | 'widthMm'> {
  const found = [...part.matchAll(MEASURE)].flatMap(([whole, number, unit], i, all) => {
    const mm = lengthMm(parseEnvelopeNumber(mustHave(number)) ?? NaN, mustHave(unit))
    return mm === undefined || !(mm > 0)
      ? []
      : [{ mm, isWide: /^\s*-?\s*wide\b/.test(part.slice(itemAt(all, i).index + whole.length)) }]
  })
  const [one, other] = found.toSorted((a, b) => b.mm - a.mm)
  if (!one) return {}
  if (other) return { lengthMm: Math.round(one.mm), widthMm: Math.round(other.mm * 10) / 10 }
  // How wide an elastic or a button is, is small.
  const isWidth = one.isWide || (one.mm < 80 && !/\bzip/.test(part))
  return isWidth ? { widthMm: Math.round(one.mm * 10) / 10 } : { lengthMm: Math.round(one.mm) }
}

/** “Elastic for skirt and trousers: …” is one thing. */
const FOR_SEVERAL = /^(?:[^:,]*\bfor\b[^:,]*|[a-z ]+ [a-k](?:, ?[a-k])*):/i

function splitList(text: string): string[] {
  const head = FOR_SEVERAL.exec(text)?.[0]
  if (head !== undefined) {
    const [first = '', ...rest] = splitList(text.slice(head.length))
    return [`${head} ${first}`.trim(), ...rest]
  }
  // “hook and eye” is one thing; “thread and buttons” are two.
  return text
    .split(
      /,(?![^()]*\))|;| plus | \+ |(?<!hooks?|snap|press|stud|touch|loop) and (?!eyes?\b|bars?\b|loop\b|a half)/i,
    )
    .map((part) => part.trim())
    .reduce<string[]>(
      // “9 buttons, 12 mm” is one thing and its size.
      (parts, part) =>
        SIZE_ALONE.test(part) && parts.length > 0
          ? [...parts.slice(0, -1), `${parts.at(-1)}, ${part}`]
          : [...parts, part],
      [],
    )
}

const ANOTHER = new RegExp(`^${NUMBER}\\s*${UNIT}\\s*(?:of|x)\\s*${NUMBER}\\s*${UNIT}$`)
const UNITS = String.raw`(?:mm|cm|m|in|inch(?:es)?|yds?|pairs?|thick|wide|long|deep|in diameter|diameter|across)\b`
const AMOUNT = String.raw`[\d½¼¾⅛⅜⅝⅞][\d\s./"'”″½¼¾⅛⅜⅝⅞-]*`
const SIZE_ALONE = new RegExp(String.raw`^(?:approx\.? |about )?${AMOUNT}(?:${UNITS}[\s\d./"”″]*)*$`, 'i')

/** A measure for each size: “35, 37 and 40 cm”. */
const LISTED = /\d+(?:(?:\s+|-)\d+){2,}|\d\s*[,/]\s*\d[\d.]*\s*(?:[,/]|\band\b)\s*\d/

function countIn(part: string): number | null {
  if (LISTED.test(part)) return null
  const found = COUNT.exec(part.replace(/^[a-k](?:, ?[a-k])*:\s*|\d+\s*-\s*(?=\d)/g, '').replace(MEASURE, ' '))?.[1]
  if (found === undefined) return null
  if (found === 'a' || found === 'an') return 1
  const word = WORDS.indexOf(found)
  return word > 0 ? word : Number(found)
}
