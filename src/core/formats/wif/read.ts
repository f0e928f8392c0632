import { type Draft } from '../../weave/draft'
import { itemAt } from '../../lists/items'

/**
 * The open weaving format, version 1.1 (1997), from memory of its published description: sections of `key=value` lines,
 * threads and picks counted from 1. What is read: threading, tie-up, treadling or lift plan. Colours are left aside.
 */

/** A file that is no draft, and where. */
export class WifError extends Error {
  constructor(
    readonly section: string,
    message: string,
  ) {
    super(`${section}: ${message}`)
    this.name = 'WifError'
  }
}

/** No loom has more; a larger number is a mistake or an attack. */
const MOST = 10_000

/**
 * The draft in a file. A lift plan becomes one treadle a pick; a sinking shed is turned into a rising one.
 * @throws WifError where a section that is needed is missing or makes no sense
 */
export function readWif(text: string): Draft {
  const sections = sectionsOf(text)
  const ends = count(sections, 'WARP')
  const picks = count(sections, 'WEFT')
  const threading = rows(sections, 'THREADING', ends).map((shafts) => shafts[0] ?? 0)
  const rising = !/^(false|0|no|off)$/i.test(sections.get('WEAVING')?.get('rising shed') ?? 'true')
  const shaftCount = Math.max(Number(sections.get('WEAVING')?.get('shafts') ?? 0) || 0, ...threading)
  const turned = (lifted: number[]) =>
    rising
      ? lifted
      : Array.from({ length: shaftCount }, (_, index) => index + 1).filter((shaft) => !lifted.includes(shaft))
  if (sections.has('LIFTPLAN')) {
    const plan = rows(sections, 'LIFTPLAN', picks).map(turned)
    return { threading, tieUp: plan, treadling: plan.map((_, pick) => [pick + 1]) }
  }
  const treadles = Number(sections.get('WEAVING')?.get('treadles') ?? 0)
  const most = Math.max(
    treadles || 0,
    ...[...(sections.get('TIEUP')?.keys() ?? [])].map(Number).filter(Number.isInteger),
  )
  if (!(most >= 1 && most <= MOST)) throw new WifError('TIEUP', 'no treadle is tied up, and there is no lift plan')
  return {
    threading,
    tieUp: rows(sections, 'TIEUP', most).map(turned),
    treadling: rows(sections, 'TREADLING', picks),
  }
}

function sectionsOf(text: string): Map<string, Map<string, string>> {
  const sections = new Map<string, Map<string, string>>()
  let section: Map<string, string> | undefined
  for (const raw of text.split(/\r\n|\r|\n/)) {
    const line = raw.replace(/;.*$/, '').trim()
    const head = /^\[(.+)\]$/.exec(line)
    if (head) {
      section = new Map()
      sections.set(itemAt(head, 1).trim().toUpperCase(), section)
    } else if (section && line.includes('=')) {
      const at = line.indexOf('=')
      section.set(line.slice(0, at).trim().toLowerCase(), line.slice(at + 1).trim())
    }
  }
  if (!sections.has('WIF')) throw new WifError('WIF', 'this is no weaving file: its first section is missing')
  return sections
}

function count(sections: ReadonlyMap<string, ReadonlyMap<string, string>>, section: string): number {
  const threads = Number(sections.get(section)?.get('threads'))
  if (!Number.isInteger(threads) || threads < 1 || threads > MOST)
    throw new WifError(section, 'the number of threads is missing or makes no sense')
  return threads
}

/** Numbered lines of a section as lists of numbers, one for each of `length`; a line that is not there is empty. */
function rows(
  sections: ReadonlyMap<string, ReadonlyMap<string, string>>,
  section: string,
  length: number,
): number[][] {
  const found = sections.get(section)
  if (!found) throw new WifError(section, 'the section is missing')
  return Array.from({ length }, (_, index) => {
    const line = found.get(String(index + 1)) ?? ''
    const numbers = line
      .split(',')
      .map((part) => part.trim())
      .filter((part) => part !== '' && part !== '0')
      .map(Number)
    if (numbers.some((number) => !Number.isInteger(number) || number < 1 || number > MOST))
      throw new WifError(section, `line ${index + 1} is no list of numbers: "${line}"`)
    return numbers
  })
}
