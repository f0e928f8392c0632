import { GRAMS_PER_OUNCE, MM_PER_YARD } from '../units/constants'
import { scaleQuantity, type Quantity } from '../units/quantity'

/** oz of one yard off the roll: denims and canvases are sold by it. @param widthMm full width, mm */
export function ouncesPerLinearYard(gsm: Quantity, widthMm: number): Quantity {
  if (!(widthMm > 0)) throw new RangeError('ouncesPerLinearYard: needs a width of more than zero')
  return scaleQuantity(gsm, (widthMm * MM_PER_YARD) / 1e6 / GRAMS_PER_OUNCE)
}

/** g of one metre off the roll. @param widthMm full width, mm */
export function gramsPerRunningMetre(gsm: Quantity, widthMm: number): Quantity {
  if (!(widthMm > 0)) throw new RangeError('gramsPerRunningMetre: needs a width of more than zero')
  return scaleQuantity(gsm, widthMm / 1000)
}
