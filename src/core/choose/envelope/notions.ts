import { NOTION_PATTERNS } from './lexicon'
import { type Clause } from './clauses'

/** Something to buy beside cloth. */
export interface Notion {
  id: string
  text: string
  /** How many; null where it is not a matter of counting, or not said. */
  count: number | null
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
const COUNT = new RegExp(`\\b(${WORDS.slice(1).join('|')}|\\d{1,2}|an?)\\b`)
/** A length is no count: “20 cm zip”. */
const MEASURE =
  /\b\d+(?:[.,]\d+)?(?:[ -]\d\/\d{1,2})?\s*(?:"|mm|cm|m|in|inch(?:es)?|yd|yds|yards?|metres?|meters?)(?![a-z])/g

/** What a clause lists: its notions, and the items of the list that are none. */
export interface NotionsRead {
  notions: Notion[]
  others: string[]
}

/** The notions of a clause; what stands between commas is one each. */
export function notionsIn({ text, written }: Clause): NotionsRead {
  const parts = splitList(text)
  const shown = splitList(written)
  const read: NotionsRead = { notions: [], others: [] }
  parts.forEach((part, index) => {
    const found = NOTION_PATTERNS.find(([pattern]) => pattern.test(part))
    if (!found) read.others.push(part)
    else
      read.notions.push({
        id: found[1],
        text: (shown[index] ?? part).replace(HEADING, '').trim(),
        count: countIn(part),
      })
  })
  return read
}

const HEADING = /^(?:notions|haberdashery|you(?:'ll| will) need|also)\s*:\s*/i

function splitList(text: string): string[] {
  // “hook and eye” is one thing; “thread and buttons” are two.
  return text
    .split(/,|;| plus | \+ |(?<!hooks?|snap|press|stud|touch|loop) and (?!eyes?\b|bars?\b|loop\b|a half)/i)
    .map((part) => part.trim())
}

function countIn(part: string): number | null {
  const found = COUNT.exec(part.replace(MEASURE, ' '))?.[1]
  if (found === undefined) return null
  if (found === 'a' || found === 'an') return 1
  const word = WORDS.indexOf(found)
  return word > 0 ? word : Number(found)
}
