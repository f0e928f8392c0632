import { COMMON_NEEDS, worthMeasuring } from '@/core/choose/worthMeasuring'
import { type How } from '@/core/notebook/measurements/define'
import { propertiesOf, type PropertyId, type PropertyRow } from '@/core/notebook/properties'
import { type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { readStashEntry } from '@/server/records/stash'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import { tileOf } from '@/ui/cloth/spec'
import { propertyWords } from '../choose/words'
import { mustHave } from '@/core/lists/items'

/** What stands in the strip, in the order in which a person finds it out. */
const SEGMENTS: readonly PropertyId[] = ['fibre', 'seen', 'weight', 'stretch-width', 'body', 'opacity', 'threads']

export interface Segment {
  id: PropertyId
  title: string
  how: How
  value: string
  /** Where it is found out. */
  href: string
}

/** What is known of the cloth in hand, whichever door was taken. */
export interface HandStrip {
  id: string
  name: string
  inHand: boolean
  tile: TileSpec
  segments: readonly Segment[]
  /** Which door would tell most now, and why. */
  next: { says: string; why: string; href: string } | null
}

/** @returns undefined where there is no such piece */
export async function loadStrip(
  id: string,
  { units, words }: { units: UnitSystem; words: Vocabulary },
): Promise<HandStrip | undefined> {
  const entry = await readStashEntry(await notebook(), id, words)
  if (!entry) return undefined
  const { piece, measurements, sheet } = entry
  const rows = propertiesOf(piece, measurements, sheet, units, words)
  const segments = SEGMENTS.map((segment): Segment => {
    const { title, how, value, test } = mustHave(rows.find((row) => row.id === segment))
    return { id: segment, title, how, value, href: doorOf(test, id) }
  })
  const [first] = worthMeasuring(entry, sheet, COMMON_NEEDS).filter(({ property }) => property in MEASURED_BY)
  return {
    id,
    name: piece.name,
    inHand: piece.inHand,
    tile: tileOf(piece),
    segments,
    next: nextDoor(
      segments,
      // A flame that leans to a fibre says no more by another burn.
      { isBurnt: sheet.fibres?.how === 'leaning', property: first?.property },
      id,
    ),
  }
}

/** Which measurement tells of what the choosing asks. */
const MEASURED_BY = {
  weight: 'weigh',
  'stretch-width': 'stretch',
  'stretch-length': 'stretch',
  body: 'drape',
  opacity: 'opacity',
} as const

function doorOf(test: PropertyRow['test'], id: string): string {
  if (test === 'burn') return `/identify/burn?piece=${id}`
  return test === 'inspect' ? `/identify/name?piece=${id}` : `/identify/measure/${test}?piece=${id}`
}

/** First what it is made of, then what it is called, then what would tell most of what it can become. */
function nextDoor(
  segments: readonly Segment[],
  { isBurnt, property }: { isBurnt: boolean; property: string | undefined },
  id: string,
): HandStrip['next'] {
  const open = (segment: PropertyId) => segments.some((one) => one.id === segment && one.how !== 'measured')
  if (open('fibre') && !isBurnt) {
    const why = 'Its fibre is not known, and matters most.'
    return { says: 'Burn test', why, href: `/identify/burn?piece=${id}` }
  }
  if (open('seen')) {
    const why = 'Nobody has looked at its weave yet.'
    return { says: 'Name it by looking', why, href: `/identify/name?piece=${id}` }
  }
  if (property === undefined || !(property in MEASURED_BY)) return null
  const known = property as keyof typeof MEASURED_BY
  const what = propertyWords(known)
  const why = `Knowing its ${what} would help most.`
  return { says: `Measure ${what}`, why, href: `/identify/measure/${MEASURED_BY[known]}?piece=${id}` }
}
