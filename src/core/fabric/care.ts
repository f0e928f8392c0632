import { isCloth } from '../cloths/traits'
import { fibreById, isTrace } from '../fibres/catalogue'
import { ironFor } from '../fibres/irons'
import { type IronDots, type Tumble } from '../fibres/types'
import { materialOf } from './materialOf'
import { type FibreId } from '../vocabulary/fibres'
import { hasMeltingPile, hasPile, isCoated } from './handling'
import { type Offer } from './types'
import { isLike } from '../fibres/traits'
import { itemAt, mustHave } from '../lists/items'

/** How a cloth is looked after. */
export interface Care {
  /** Hottest bath, °C; null: not in water, to the dry-cleaner. */
  washCelsius: number | null
  tumble: Tumble
  ironDots: IronDots
  /** It bears no wringing and no spinning: washed by hand or on the gentlest programme. */
  isGentle: boolean
  /** The fibre that asks for most care. */
  tenderest: FibreId | null
}

/** Where its fibres are unknown: what hardly anything is hurt by. */
const CAREFUL: Care = { washCelsius: 30, tumble: 'never', ironDots: 1, isGentle: true, tenderest: null }

/** From what may not be tumbled to what bears the most. */
export const TUMBLES: readonly Tumble[] = ['never', 'low', 'normal']

/** How a cloth wants to be washed, dried and ironed: the tenderest of its fibres decides. Common practice. */
export function careOf(offer: Offer): Care {
  const material = materialOf(offer)
  if (material)
    return {
      washCelsius: material.washCelsius,
      tumble: 'never',
      ironDots: material.ironDots,
      isGentle: true,
      tenderest: null,
    }
  const all = (offer.fibres?.value ?? []).filter((id, _, list) => !isTrace(id) || list.every(isTrace))
  if (all.length === 0) return CAREFUL
  const kinds = all.map((id) => ({ id, ...fibreById(id).care }))
  const coldest = kinds.reduce((a, b) => ((b.celsius ?? -1) < (a.celsius ?? -1) ? b : a))
  const isCottonVelvet = offer.called === 'velvet' && all.every((id) => id === 'cotton' || id === 'polyester')
  const isWaterShy =
    coldest.celsius === null ||
    (isCloth(offer.called, 'dry-cleaned') && !isCottonVelvet && all.some((id) => isLike(id, 'gentle-wash')))
  const tumble = isCoated(offer) ? 0 : Math.min(...kinds.map((kind) => TUMBLES.indexOf(kind.tumble)))
  const iron = mustHave(ironFor(mustHave(offer.fibres).value))
  const mostDots = isCoated(offer) || hasMeltingPile(offer) ? 1 : hasPile(offer) ? 2 : 3
  return {
    washCelsius: isWaterShy ? null : coldest.celsius,
    tumble: itemAt(TUMBLES, tumble),
    ironDots: Math.min(mostDots, iron.dots) as IronDots,
    isGentle: all.some((id) => isLike(id, 'gentle-wash')),
    tenderest: coldest.id,
  }
}
