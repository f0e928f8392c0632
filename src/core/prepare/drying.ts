import { shrinkOf } from '../fabric/shrink'
import { type Offer } from '../fabric/types'
import { regainOf } from '../fibres/regain'

/** The air in which cloth dries. */
export interface Air {
  celsius: number
  humidityPercent: number
}

/** Pressure of saturated water vapour, kPa (Magnus form of Alduchov & Eskridge, 1996). @param celsius −40 … 50 */
export function saturatedKPa(celsius: number): number {
  return 0.61094 * Math.exp((17.625 * celsius) / (celsius + 243.04))
}

/** Slope against which evaporating water cools what it leaves: kPa a kelvin, at the pressure of the sea (Stull). */
const PSYCHROMETRIC = 0.066

/**
 * What a wet bulb shows, °C: where the air's missing vapour and the cooling by evaporation balance
 * (e = es(Tw) − γ (T − Tw), the psychrometer's equation), found by halving.
 */
export function wetBulb({ celsius, humidityPercent }: Air): number {
  const vapour = (saturatedKPa(celsius) * humidityPercent) / 100
  let [low, high] = [celsius - 40, celsius]
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2
    const balance = saturatedKPa(middle) - PSYCHROMETRIC * (celsius - middle)
    if (balance > vapour) high = middle
    else low = middle
  }
  return (low + high) / 2
}

/** Ways of drying, and how quickly air moves by a surface: m/s of vapour, from memory of drying racks and lines. */
const MOVES = { line: 0.0035, flat: 0.0022 } as const
export type DryWay = 'line' | 'flat' | 'tumble'
/** Water vapour: grams a m³ for each kPa and kelvin (ideal gas, 18.015 g/mol). */
const GRAMS_KPA_K = 2167
/** A line carries cloth doubled over it: half of its surface faces air. */
const DOUBLED = 0.5
/** What the last part, when water comes out of the fibres themselves, adds. From memory. */
const FALLING_RATE = 1.35
/** Four of five drying times lie between these shares of the reckoned one. From memory. */
const SPREAD = [0.6, 1.8] as const
/** Hours in which nothing dries any more: it sours. */
const MOST_HOURS = 60

/** Water that a spun cloth holds, as a share of its dry mass: by its regain, from memory of spin tests. */
export function heldAfterSpin({ mix = [] }: Offer, isSpun: boolean): number {
  const regain = regainOf(mix.map(({ fibre, fraction }) => ({ fibre, share: fraction.value }))) ?? 7
  const spun = 0.12 + 0.05 * Math.min(13, regain)
  return isSpun ? spun : spun * 1.7
}

/**
 * How long a cloth dries, minutes, [low, high], in which four of five lie: its water over how fast that leaves its
 * surface, by the difference of vapour between the cooled wet cloth and the air.
 */
export function dryingMinutes(offer: Offer, way: DryWay, air: Air, isSpun: boolean): [low: number, high: number] {
  const gsm = offer.gsm?.value.value ?? 150
  const water = gsm * heldAfterSpin(offer, isSpun)
  if (way === 'tumble') return span(20 + water / 4)
  const bulb = wetBulb(air)
  const missing = saturatedKPa(bulb) - (saturatedKPa(air.celsius) * air.humidityPercent) / 100
  const density = (GRAMS_KPA_K * Math.max(0.01, missing)) / (air.celsius + 273.15)
  // Both sides of it, in g/m² an hour.
  const rate = 2 * density * MOVES[way] * (way === 'line' ? DOUBLED : 0.6) * 3600
  const hours = Math.min(MOST_HOURS, (water / rate) * FALLING_RATE)
  return span(Math.max(0.5, hours) * 60)
}

function span(minutes: number): [number, number] {
  const [low, high] = SPREAD
  return [Math.round(minutes * low), Math.round(minutes * high)]
}

/** What a first wash may take, for words: per cent along, low and high. */
export function shrinkWords(offer: Offer): string {
  const { length } = shrinkOf(offer).value
  const [low, high] = [Math.max(0, length.value - 1.28 * length.sd), length.value + 1.28 * length.sd]
  return `${Math.round(low)} to ${Math.max(1, Math.round(high))} % of its length`
}
