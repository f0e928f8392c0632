import { type MixPart } from '../fabric/types'
import { uptakeIn } from './uptake'
import { DYE_CLASSES, type DyeClass, type DyeFinish } from '../vocabulary/dyes'

/** Share of the dye that still gets through, 0 … 1; common practice. */
const LETS_THROUGH: Readonly<Record<DyeFinish, number>> = { coated: 0.02, resin: 0.5, waterproof: 0.1 }

export function letsThrough(finish: DyeFinish | null): number {
  return finish === null ? 1 : LETS_THROUGH[finish]
}

/** Share of a full shade that the whole cloth takes in a bath, by mass. */
export function wholeUptake(mix: readonly MixPart[], bath: DyeClass): number {
  return mix.reduce((sum, { fibre, fraction }) => sum + fraction.value * uptakeIn(fibre, bath), 0)
}

/** The kind of dye of which a cloth takes most; none where it takes of none. */
export function bathFor(mix: readonly MixPart[]): DyeClass {
  const best = DYE_CLASSES.reduce((a, b) => (wholeUptake(mix, b) > wholeUptake(mix, a) ? b : a))
  return wholeUptake(mix, best) > 0.001 ? best : 'none'
}

export type DyeVerdict = 'takes' | 'in-part' | 'hardly' | 'no'

/** A cloth takes dye from so much of a full shade; a fibre that takes it and is so much of the cloth shows. */
const TAKES_FROM = 0.7
const IN_PART_FROM = 0.4
const HARDLY_FROM = 0.06
const SHOWS_FROM = 0.2
/** So much of a fibre that takes next to none keeps a cloth from being dyed through: it stays heathered. */
const MOST_UNDYED = 0.15
const TAKES_NEXT_TO_NONE = 0.4

/** How a cloth takes the dye that suits it best. Limits ours, by what people call a success. */
export function dyeVerdict(mix: readonly MixPart[], bath: DyeClass, finish: DyeFinish | null): DyeVerdict {
  const through = letsThrough(finish)
  const whole = wholeUptake(mix, bath) * through
  const share = (is: (uptake: number) => boolean) =>
    mix.reduce((sum, { fibre, fraction }) => sum + (is(uptakeIn(fibre, bath)) ? fraction.value : 0), 0)
  const isThrough = share((uptake) => uptake < TAKES_NEXT_TO_NONE) <= MOST_UNDYED
  if (whole >= TAKES_FROM && isThrough) return 'takes'
  const isHeathered = share((uptake) => uptake * through >= TAKES_NEXT_TO_NONE) >= SHOWS_FROM
  if (whole >= IN_PART_FROM || isHeathered) return 'in-part'
  return whole >= HARDLY_FROM ? 'hardly' : 'no'
}
