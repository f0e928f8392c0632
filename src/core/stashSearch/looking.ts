import { weightClassOf, weightClassWords } from '../measure/weightClass'
import { WEIGHT_CLASSES } from '../vocabulary/cloth'
import { FAMILIES, FAMILY_WORDS } from '../vocabulary/fibres'
import { KNOWINGS, KNOWING_WORDS } from '../vocabulary/stash'
import { ageDays, gsmToSortBy } from './facets'
import { type PieceSummary } from './pieceSummary'
import { ASKS_NOTHING, writeQuery } from './query'

/** One line of a figure: what it is, how much, and where those pieces are. */
export interface FigureLine {
  label: string
  pieces: number
  /** m² of those whose size is known; kg of those that were weighed. */
  m2: number
  kg: number
  /** Filters of the stash, as in its address. */
  query: string
}

const queryOf = (chosen: Record<string, readonly string[]>) => writeQuery({ ...ASKS_NOTHING, chosen }).toString()

function lineOf(label: string, gists: readonly PieceSummary[], query: string): FigureLine {
  return {
    label,
    pieces: gists.length,
    m2: gists.reduce((sum, { m2 }) => sum + (m2?.value ?? 0), 0),
    kg: gists.reduce((sum, { kg }) => sum + (kg ?? 0), 0),
    query,
  }
}

const some = (lines: FigureLine[]) => lines.filter(({ pieces }) => pieces > 0)

/** What there is, by family of fibres; a mixture counts in each of its families. */
export function byFamily(gists: readonly PieceSummary[]): FigureLine[] {
  return some(
    FAMILIES.map((family) =>
      lineOf(
        FAMILY_WORDS[family].name,
        gists.filter(({ families }) => families.includes(family)),
        queryOf({ family: [family] }),
      ),
    ),
  )
}

/** What there is, by weight. */
export function byWeight(gists: readonly PieceSummary[]): FigureLine[] {
  return some(
    WEIGHT_CLASSES.map((weight) =>
      lineOf(
        weightClassWords[weight].name,
        gists.filter((gist) => {
          const gsm = gsmToSortBy(gist)
          return gsm !== null && weightClassOf(gsm) === weight
        }),
        queryOf({ weight: [weight] }),
      ),
    ),
  )
}

/** How much is known, and how. */
export function byKnowing(gists: readonly PieceSummary[]): FigureLine[] {
  return some(
    KNOWINGS.map((knowing) =>
      lineOf(
        KNOWING_WORDS[knowing],
        gists.filter((gist) => gist.knowing === knowing),
        queryOf({ knowing: [knowing] }),
      ),
    ),
  )
}

/** What was paid for what is still there, by currency; the dearest places first. */
export interface MoneyLine {
  place: string
  currency: string
  paid: number
  pieces: number
  query: string
}

/** Where the money lies. Currencies are never added up. */
export function byMoney(gists: readonly PieceSummary[]): MoneyLine[] {
  const lines = new Map<string, MoneyLine>()
  for (const { place, currency, paid } of gists) {
    if (paid === null) continue
    const key = `${place}\u0000${currency}`
    const line = lines.get(key) ?? {
      place,
      currency,
      paid: 0,
      pieces: 0,
      query: place ? queryOf({ place: [place] }) : '',
    }
    lines.set(key, { ...line, paid: line.paid + paid, pieces: line.pieces + 1 })
  }
  return [...lines.values()].sort((a, b) => b.paid - a.paid)
}

/** Pieces that nothing was made of for longest, the longest first; what is given away waits for nothing. */
export function waitingLongest(
  gists: readonly PieceSummary[],
  today: string,
): { gist: PieceSummary; days: number }[] {
  return gists
    .filter(({ sorting }) => sorting !== 'give-away')
    .map((gist) => ({ gist, days: Math.round(ageDays(gist, today)) }))
    .sort((a, b) => b.days - a.days || (a.gist.id < b.gist.id ? -1 : 1))
}

/** A piece that came, or cloth that went: cut, given away, used up. */
export interface Movement {
  /** ISO 8601. */
  at: string
  m2: number
  kg: number
}

export interface Month {
  /** `2026-05` */
  month: string
  inM2: number
  outM2: number
  inKg: number
  outKg: number
}

/** What came and went month by month, the last so many up to this one, those without any too. */
export function byMonth(
  came: readonly Movement[],
  went: readonly Movement[],
  today: string,
  months: number,
): Month[] {
  const [year, month] = today.split('-').map(Number) as [number, number]
  const lines = Array.from({ length: months }, (_, i) => {
    const at = year * 12 + (month - 1) - (months - 1 - i)
    const key = `${Math.floor(at / 12)}-${String((at % 12) + 1).padStart(2, '0')}`
    return { month: key, inM2: 0, outM2: 0, inKg: 0, outKg: 0 }
  })
  const lineOfMonth = new Map(lines.map((line) => [line.month, line]))
  for (const { at, m2, kg } of came) {
    const line = lineOfMonth.get(at.slice(0, MONTH_LENGTH))
    if (line) [line.inM2, line.inKg] = [line.inM2 + m2, line.inKg + kg]
  }
  for (const { at, m2, kg } of went) {
    const line = lineOfMonth.get(at.slice(0, MONTH_LENGTH))
    if (line) [line.outM2, line.outKg] = [line.outM2 + m2, line.outKg + kg]
  }
  return lines
}

/** Of `2026-05`. */
const MONTH_LENGTH = 7
