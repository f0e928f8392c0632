import { GSM_PER_MOMME, GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_INCH, MM_PER_YARD } from './constants'
import { COVERAGE_95, scaleQuantity, type Quantity } from './quantity'
import { moneyText } from './money'
import { itemAt } from '../lists/items'

export type UnitSystem = 'metric' | 'imperial'

/** How many decimals a value deserves: as many as its uncertainty has, to one or two figures. */
export function decimalsFor(uncertainty: number): number {
  if (!(uncertainty > 0)) return 0
  // Two figures where the first is a 1 (12, not 10), one otherwise; never tens.
  const exponent = Math.floor(Math.log10(uncertainty))
  const leading = uncertainty / 10 ** exponent
  return Math.max(0, leading < 2 ? 1 - exponent : -exponent)
}

/** `150 ± 6`: value and the half-width of its 95 % interval, no more digits than are known. */
export function withDoubt({ value, sd }: Quantity): string {
  const half = COVERAGE_95 * sd
  if (!(half > 0)) return trimmed(value, 1)
  const decimals = Math.min(decimalsFor(half), 2)
  return `${value.toFixed(decimals)} ± ${half.toFixed(decimals)}`
}

/** A mass per area, g/m², in the person's units, with its doubt. */
export function formatWeight(gsm: Quantity, system: UnitSystem): string {
  return system === 'metric'
    ? `${withDoubt(gsm)} g/m²`
    : `${withDoubt(scaleQuantity(gsm, 1 / GSM_PER_OUNCE_PER_SQUARE_YARD))} oz/yd²`
}

/** A weight without its doubt, for lists: `149 g/m²`, `4.4 oz/yd²`. */
export function formatWeightRounded(gsm: Quantity, system: UnitSystem): string {
  return `${roundedWeight(gsm.value, system)} ${WEIGHT_UNITS[system]}`
}

/** A range of g/m² as words: `150 to 270 g/m²`. */
export function formatWeightRange([low, high]: readonly [number, number], system: UnitSystem): string {
  return `${roundedWeight(low, system)} to ${roundedWeight(high, system)} ${WEIGHT_UNITS[system]}`
}

const WEIGHT_UNITS: Readonly<Record<UnitSystem, string>> = { metric: 'g/m²', imperial: 'oz/yd²' }

const roundedWeight = (gsm: number, system: UnitSystem) =>
  system === 'metric' ? String(Math.round(gsm)) : trimmed(gsm / GSM_PER_OUNCE_PER_SQUARE_YARD, 1)

/** A width in mm: cm, or inches to the nearest half. */
export function formatWidth(mm: number, system: UnitSystem): string {
  return system === 'metric'
    ? `${trimmed(mm / 10, 1)} cm`
    : `${trimmed(Math.round((mm / MM_PER_INCH) * 2) / 2, 1)} in`
}

/** The size of a small thing in mm: mm, from 10 cm on cm; or inches to the eighth. */
export function formatSize(mm: number, system: UnitSystem): string {
  if (system === 'imperial') return `${eighths(mm / MM_PER_INCH)} in`
  return mm < 100 ? `${trimmed(mm, 1)} mm` : `${Math.round(mm / 10)} cm`
}

/** A length in mm: metres, or yards to the eighth that shops cut by; what is less than that in inches. */
export function formatLength(mm: number, system: UnitSystem): string {
  if (system === 'metric') return `${trimmed(mm / 1000, 2)} m`
  return mm > 0 && mm < YARDS_FROM_MM - ROUNDING
    ? `${eighths(mm / MM_PER_INCH)} in`
    : `${eighths(mm / MM_PER_YARD)} yd`
}

/** A length that is owned: rounded down, so that never more is told than there is. To the centimetre, or ⅛ yd. */
export function formatOwned(mm: number, system: UnitSystem): string {
  return formatLength(
    stepped(mm, system, (steps) => Math.floor(steps + ROUNDING)),
    system,
  )
}

/** A length that is needed: rounded up, so that what is bought is enough. To the centimetre, or ⅛ yd. */
export function formatNeeded(mm: number, system: UnitSystem): string {
  return formatLength(
    stepped(mm, system, (steps) => Math.ceil(steps - ROUNDING)),
    system,
  )
}

/** To whole centimetres or eighths of a yard; what is less than that in eighths of an inch. */
function stepped(mm: number, system: UnitSystem, whole: (steps: number) => number): number {
  const step = system === 'metric' ? 10 : mm < YARDS_FROM_MM - ROUNDING ? MM_PER_INCH / 8 : YARDS_FROM_MM
  return whole(mm / step) * step
}

/** A price of a square metre, in the person's units: `£4.00 a square metre`, `$3.34 a square yard`. */
export function formatAreaPrice(perM2: number, currency: string, system: UnitSystem): string {
  return `${moneyText(perM2 * AREA_M2[system], currency)} ${AREA_WORDS[system]}`
}

/** What prices are compared by, m² and in words. */
export const AREA_M2: Readonly<Record<UnitSystem, number>> = { metric: 1, imperial: (MM_PER_YARD / 1000) ** 2 }
export const AREA_WORDS: Readonly<Record<UnitSystem, string>> = {
  metric: 'a square metre',
  imperial: 'a square yard',
}

/** The least that shops cut by, mm: ⅛ yd. */
const YARDS_FROM_MM = MM_PER_YARD / 8

/** What arithmetic leaves over, in steps or mm. */
const ROUNDING = 1e-6

/** g/m² to momme. */
export function toMomme(gsm: number): number {
  return gsm / GSM_PER_MOMME
}

/** g/m² to oz/yd². */
export function toOuncesPerSquareYard(gsm: number): number {
  return gsm / GSM_PER_OUNCE_PER_SQUARE_YARD
}

/** A probability as a whole per cent, never 0 or 100 where it is neither. */
export function formatPercent(probability: number): string {
  const percent = Math.round(probability * 100)
  if (percent >= 100 && probability < 1) return `over 99${NBSP}%`
  if (percent <= 0 && probability > 0) return `under 1${NBSP}%`
  return `${percent}${NBSP}%`
}

/** `1 piece`, `3 pieces`. @param more what several are called, where it is not `one` with an s */
export function countNoun(count: number, one: string, more = `${one}s`): string {
  return `${count} ${count === 1 ? one : more}`
}

/** The text with its first letter large. */
export function capitalise(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** Keeps a number and its unit on one line. */
const NBSP = '\u00a0'

export const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞']

/** To the nearest eighth, of yards or inches. */
const eighths = (value: number) => inParts(value, 8)

/** To the nearest sixteenth, eighth, quarter or half, as people read a tape: `3/16`, `⅝`, `9½`. */
export function inParts(value: number, parts: 2 | 4 | 8 | 16): string {
  const sixteenths = (Math.round(value * parts) * 16) / parts
  const [whole, rest] = [Math.floor(sixteenths / 16), sixteenths % 16]
  const part = rest % 2 === 0 ? itemAt(EIGHTHS, rest / 2) : `${rest}/16`
  if (whole === 0) return part || '0'
  return part.includes('/') ? `${whole} ${part}` : `${whole}${part}`
}

function trimmed(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)))
}
