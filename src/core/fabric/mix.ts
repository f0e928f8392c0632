import { fibreById, isTrace } from '../fibres/catalogue'
import { type FibreId } from '../vocabulary/fibres'
import { type Share } from '../vocabulary/shares'
import { type Quantity } from '../units/quantity'
import { type MixPart, type SharedFibre } from './types'
import { itemAt } from '../lists/items'

/** What a word for a share stands for before all of them are scaled to one: part of the mass, with its doubt. */
const SHARES: Readonly<Record<Share, Quantity>> = {
  all: { value: 1, sd: 0 },
  main: { value: 0.68, sd: 0.09 },
  even: { value: 0.5, sd: 0.05 },
  minor: { value: 0.25, sd: 0.09 },
}
/** A fibre that is sold as a trace in something else. */
const TRACE: Quantity = { value: 0.05, sd: 0.02 }
/** Standard uncertainty of a share that nobody said. */
const UNSAID = 0.2

/**
 * Shares of a cloth's fibres by mass, scaled to one, the largest first. Where nobody said a share, all are taken as
 * alike, with a wide doubt. The spans of the words are from memory.
 */
export function mixOf(fibres: readonly (FibreId | SharedFibre)[]): MixPart[] {
  const merged = new Map<FibreId, Quantity>()
  const common = fibres.filter((one) => !isTrace(idOf(one))).length
  for (const one of fibres) {
    const fibre = idOf(one)
    const before = merged.get(fibre)
    const part = partOf(one, common, fibres.length)
    merged.set(fibre, before ? { value: before.value + part.value, sd: Math.hypot(before.sd, part.sd) } : part)
  }
  const total = [...merged.values()].reduce((sum, { value }) => sum + value, 0)
  const single = merged.size === 1
  return [...merged]
    .map(([fibre, { value, sd }]) => ({
      fibre,
      fraction: { value: value / total, sd: single ? 0 : sd / total },
    }))
    .sort((a, b) => b.fraction.value - a.fraction.value)
}

/** Each next usual fibre of a named cloth is so much less likely than the one before it; and how little that says. */
const NEXT_USUAL = 0.5
const USUAL_DOUBT = 0.25

/** What a cloth is usually of, the likeliest first: alternatives rather than a blend, so that their doubt is wide. */
export function mixOfUsual(fibres: readonly FibreId[]): MixPart[] {
  const common = fibres.filter((id) => !isTrace(id))
  const weights = fibres.map((id) =>
    isTrace(id) && common.length > 0 ? TRACE.value : NEXT_USUAL ** common.indexOf(id),
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  return fibres.map((fibre, index) => ({
    fibre,
    fraction: { value: itemAt(weights, index) / total, sd: common.length > 1 ? USUAL_DOUBT : 0 },
  }))
}

export function idOf(one: FibreId | SharedFibre): FibreId {
  return typeof one === 'string' ? one : one.fibre
}

function partOf(one: FibreId | SharedFibre, common: number, all: number): Quantity {
  if (typeof one !== 'string' && !(isTrace(one.fibre) && one.share === 'minor')) return SHARES[one.share]
  if (isTrace(idOf(one)) && common > 0) return TRACE
  return all === 1 ? SHARES.all : { value: 1 / Math.max(1, common), sd: UNSAID }
}

/** The share of these fibres together, 0 … 1. */
export function shareOf({ mix = [] }: { mix?: readonly MixPart[] }, fibres: readonly FibreId[]): number {
  return mix.reduce((sum, { fibre, fraction }) => sum + (fibres.includes(fibre) ? fraction.value : 0), 0)
}

/**
 * The mean over a mix of something that its fibres have, by their shares; fibres that have none are left out.
 * @returns undefined where none has any. Doubt: of the shares, to first order.
 */
export function meanOver(
  mix: readonly MixPart[],
  of: (fibre: ReturnType<typeof fibreById>) => number | undefined,
): Quantity | undefined {
  const parts = mix.flatMap(({ fibre, fraction }) => {
    const value = of(fibreById(fibre))
    return value === undefined ? [] : [{ value, fraction }]
  })
  const whole = parts.reduce((sum, { fraction }) => sum + fraction.value, 0)
  if (whole <= 0) return undefined
  const mean = parts.reduce((sum, { value, fraction }) => sum + value * fraction.value, 0) / whole
  const variance = parts.reduce((sum, { value, fraction }) => sum + ((value - mean) * fraction.sd) ** 2, 0)
  return { value: mean, sd: Math.sqrt(variance) / whole }
}
