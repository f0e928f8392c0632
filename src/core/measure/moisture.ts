import { type Quantity } from '../units/quantity'
import { itemAt } from '../lists/items'

/** Relative humidity of the air that textiles are weighed in by agreement, per cent (ISO 139). */
export const STANDARD_HUMIDITY = 65

/**
 * How much water a fibre holds in other air, as a share of what it holds at 65 %: the common shape of the sorption
 * curves; from memory.
 */
const SORPTION: readonly (readonly [humidity: number, share: number])[] = [
  [0, 0],
  [10, 0.3],
  [20, 0.43],
  [30, 0.54],
  [40, 0.66],
  [50, 0.79],
  [65, 1],
  [75, 1.2],
  [80, 1.33],
  [90, 1.75],
  [95, 2.1],
  [100, 2.6],
]

/** Fibres differ from the common shape by about this share of the change (standard deviation); ours. */
const SHAPE_DOUBT = 0.2

/** Kinds of air that a person can tell without a meter, and about how damp they are, per cent. */
export const AIRS = [
  { id: 'heated', name: 'Heated room in winter', humidityPercent: 30 },
  { id: 'ordinary', name: 'Ordinary room', humidityPercent: 55 },
  { id: 'damp', name: 'Rain outside, window open', humidityPercent: 80 },
  { id: 'wet', name: 'Fog, or washing drying in the room', humidityPercent: 95 },
] as const

/**
 * Mass of a cloth in air of some humidity over its mass in standard air, with doubt:
 * (1 + R · s) / (1 + R), R the regain at 65 % and s the share of the sorption curve.
 * @param regainPercent at 65 %, of dry mass
 * @throws RangeError unless the humidity is 0 … 100 and the regain not negative
 */
export function dampness(regainPercent: number, humidityPercent: number): Quantity {
  if (!(humidityPercent >= 0 && humidityPercent <= 100))
    throw new RangeError('dampness: humidity runs from 0 to 100 %')
  if (!(regainPercent >= 0)) throw new RangeError('dampness: a regain is not negative')
  const regain = regainPercent / 100
  const value = (1 + regain * sorption(humidityPercent)) / (1 + regain)
  return { value, sd: Math.abs(value - 1) * SHAPE_DOUBT }
}

function sorption(humidity: number): number {
  const above = Math.max(
    1,
    SORPTION.findIndex(([at]) => at >= humidity),
  )
  const [[from, low], [to, high]] = [itemAt(SORPTION, above - 1), itemAt(SORPTION, above)]
  return low + ((high - low) * (humidity - from)) / (to - from)
}

/** Below this the air may be left out of account, per cent of the mass; ours. */
const HARDLY = 1

/** How much the air matters to a weighing, in words. @param regainPercent at 65 % */
export function moistureWords(regainPercent: number): string {
  const change = (humidity: number) => Math.round((dampness(regainPercent, humidity).value - 1) * 1000) / 10
  const [dry, wet] = [change(30), change(95)]
  if (Math.max(-dry, wet) < HARDLY) return 'It takes up almost no water: you can weigh it in any weather.'
  return (
    `It takes up water from the air: about ${-dry} % lighter in a heated room, ${wet} % heavier on a ` +
    'foggy day than in standard air (65 %).'
  )
}
