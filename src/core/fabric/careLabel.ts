import { type CareId } from '../vocabulary/care'
import { careOf, TUMBLES } from './care'
import { isCoated } from './handling'
import { type Offer } from './types'
import { isLike } from '../fibres/traits'
import { itemAt } from '../lists/items'

/** Heats of a wash that a label knows (ISO 3758), °C. */
const WASHES = [95, 70, 60, 50, 40, 30] as const

/**
 * The care label of something made of several cloths (the symbols of ISO 3758): in each matter the strictest of all its
 * parts. Common practice; a maker's own label comes first.
 * @param parts every cloth, lining and interfacing in it; at least one
 */
export function careLabelOf(parts: readonly Offer[]): CareId[] {
  const cares = parts.map(careOf)
  const isDry = cares.some(({ washCelsius }) => washCelsius === null)
  const isGentle = cares.some((care) => care.isGentle)
  const celsius = Math.min(...cares.map(({ washCelsius }) => washCelsius ?? 0))
  const tumble = itemAt(TUMBLES, Math.min(...cares.map((care) => TUMBLES.indexOf(care.tumble))))
  const dots = Math.min(...cares.map(({ ironDots }) => ironDots))
  const fibres = parts.flatMap(({ mix = [] }) => mix.map(({ fibre }) => fibre))
  const isFlat = parts.some(({ mix = [] }) =>
    // What is not hung wet.
    mix.some(({ fibre, fraction }) => isLike(fibre, 'felts', 'weak-when-wet') && fraction.value >= 0.4),
  )
  const mayBleach = fibres.length > 0 && fibres.every((fibre) => isLike(fibre, 'cellulose'))
  return [
    isDry ? 'wash-never' : washOf(celsius, isGentle),
    mayBleach && !isDry ? 'bleach-oxygen' : 'bleach-never',
    isDry || isGentle ? 'tumble-never' : `tumble-${tumble}`,
    ...(isDry ? [] : [isFlat ? ('dry-flat' as const) : ('dry-line' as const)]),
    dots === 0 ? 'iron-never' : (`iron-${[110, 150, 200][dots - 1] as 110 | 150 | 200}` as const),
    parts.some(isCoated) ? 'clean-never' : isGentle ? 'clean-p-mild' : 'clean-p',
  ]
}

function washOf(celsius: number, isGentle: boolean): CareId {
  if (isGentle && celsius <= 30) return 'wash-30-very-mild'
  const heat = WASHES.find((one) => one <= celsius) ?? 30
  if (heat === 95 || heat === 70) return `wash-${heat}`
  return isGentle ? `wash-${heat}-mild` : `wash-${heat}`
}
