import { weightClassOf, weightClassWords } from '../measure/weightClass'
import { WEIGHT_CLASSES } from '../vocabulary/cloth'
import { FAMILIES, FAMILY_WORDS } from '../vocabulary/fibres'
import { KNOWINGS, KNOWING_WORDS, type FacetId } from '../vocabulary/stash'
import { ageDays } from './facets'
import { type PieceSummary } from './pieceSummary'
import { ASKS_NOTHING, writeQuery } from './query'
import { runningSums, type RunningTotal } from './stashIndex/running'

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

/** Everything that is added up over a stash. */
export interface StashFigures {
  pieces: number
  families: FigureLine[]
  weights: FigureLine[]
  knowing: FigureLine[]
  money: MoneyLine[]
  /** What came, by month. */
  came: Movement[]
}

/** What was paid for what is still there, by currency; the dearest places first. */
export interface MoneyLine {
  place: string
  currency: string
  paid: number
  pieces: number
  query: string
}

const clothOf = ({ m2, kg }: PieceSummary) => ({ m2: m2?.value ?? 0, kg: kg ?? 0 })

type Sums = ReadonlyMap<string, { pieces: number; sums: Readonly<Record<string, number>> }>

/** One way of adding a stash up by something that it has; what it has several of counts in each. */
const byValues = (valuesOf: (piece: PieceSummary) => readonly string[]) =>
  runningSums((piece) => valuesOf(piece).map((key) => ({ key, add: clothOf(piece) })))

/** A stash in figures, which follow each piece that comes, changes or goes. */
export function stashFigures(): RunningTotal<StashFigures> {
  const families = byValues((piece) => piece.families)
  const weights = byValues(({ gsmAbout }) => (gsmAbout === null ? [] : [weightClassOf(gsmAbout)]))
  const knowing = byValues((piece) => [piece.knowing])
  const money = runningSums(({ place, currency, paid }) =>
    paid === null ? [] : [{ key: JSON.stringify([place, currency]), add: { paid } }],
  )
  const came = byValues(({ got, createdAt }) => [(got ?? createdAt).slice(0, MONTH_LENGTH)])
  const parts = [families, weights, knowing, money, came]
  let pieces = 0
  return {
    add: (piece) => {
      pieces += 1
      for (const part of parts) part.add(piece)
    },
    remove: (piece) => {
      pieces -= 1
      for (const part of parts) part.remove(piece)
    },
    result: () => ({
      pieces,
      families: linesOf(families.result(), 'family', FAMILIES, (family) => FAMILY_WORDS[family].name),
      weights: linesOf(weights.result(), 'weight', WEIGHT_CLASSES, (weight) => weightClassWords[weight].name),
      knowing: linesOf(knowing.result(), 'knowing', KNOWINGS, (how) => KNOWING_WORDS[how]),
      money: moneyIn(money.result()),
      came: [...came.result()].map(([at, { sums }]) => ({ at, m2: sums.m2 ?? 0, kg: sums.kg ?? 0 })),
    }),
  }
}

/** A line for each value that something has, in their order. */
function linesOf<Value extends string>(
  all: Sums,
  facet: FacetId,
  values: readonly Value[],
  labelOf: (value: Value) => string,
): FigureLine[] {
  return values.flatMap((value) => {
    const line = all.get(value)
    if (!line) return []
    const { m2 = 0, kg = 0 } = line.sums
    return [{ label: labelOf(value), pieces: line.pieces, m2, kg, query: queryOf({ [facet]: [value] }) }]
  })
}

/** Where the money lies. Currencies are never added up. */
function moneyIn(all: Sums): MoneyLine[] {
  return [...all]
    .map(([key, { pieces, sums }]) => {
      const [place, currency] = JSON.parse(key) as [string, string]
      return { place, currency, paid: sums.paid ?? 0, pieces, query: place ? queryOf({ place: [place] }) : '' }
    })
    .sort((a, b) => b.paid - a.paid)
}

/**
 * The first few pieces that nothing was made of for longest; what is given away waits for nothing.
 * @param oldest all pieces, the oldest first
 */
export function waitingLongest(
  oldest: readonly PieceSummary[],
  today: string,
  most: number,
  isWanted: (id: string) => boolean = () => true,
): { gist: PieceSummary; days: number }[] {
  const waiting: { gist: PieceSummary; days: number }[] = []
  for (const gist of oldest) {
    if (waiting.length >= most) break
    if (gist.sorting !== 'give-away' && isWanted(gist.id))
      waiting.push({ gist, days: Math.round(ageDays(gist, today)) })
  }
  return waiting
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
