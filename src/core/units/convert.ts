import { GSM_PER_MOMME, GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_INCH, MM_PER_YARD } from './constants'
import { cottonCountFromTex, texFromCottonCount, texFromDenier, texFromMetricCount } from './yarnCount'

/** One unit of a quantity: into the base unit and out of it. */
export interface Unit {
  id: string
  words: string
  /** Into the base unit. */
  into: (value: number) => number
  out: (base: number) => number
  decimals: number
}

const scaledBy = (id: string, words: string, base: number, decimals: number): Unit => ({
  id,
  words,
  into: (value) => value * base,
  out: (value) => value / base,
  decimals,
})

/** Quantities that a conversion desk knows, each with its units; the base unit first. */
export const QUANTITIES = {
  weight: {
    title: 'Weight of cloth',
    usual: 150,
    units: [
      scaledBy('gsm', 'g/m²', 1, 0),
      scaledBy('oz', 'oz/yd²', GSM_PER_OUNCE_PER_SQUARE_YARD, 2),
      scaledBy('momme', 'momme', GSM_PER_MOMME, 1),
    ],
  },
  length: {
    title: 'Length and width',
    usual: 140,
    units: [
      scaledBy('cm', 'cm', 1, 1),
      scaledBy('m', 'm', 100, 2),
      scaledBy('in', 'in', MM_PER_INCH / 10, 1),
      scaledBy('yd', 'yd', MM_PER_YARD / 10, 2),
    ],
  },
  yarn: {
    title: 'Fineness of yarn (count)',
    usual: 20,
    units: [
      scaledBy('tex', 'tex (g a km)', 1, 1),
      { id: 'denier', words: 'denier (g in 9 km)', into: texFromDenier, out: (tex) => tex * 9, decimals: 0 },
      { id: 'ne', words: 'cotton count, Ne', into: texFromCottonCount, out: cottonCountFromTex, decimals: 1 },
      { id: 'nm', words: 'metric count, Nm', into: texFromMetricCount, out: (tex) => 1000 / tex, decimals: 1 },
    ],
  },
  stretch: {
    title: 'Stretch',
    usual: 25,
    units: [
      scaledBy('percent', '%', 1, 0),
      // Of 4 in, to the eighth that a ruler has.
      scaledBy('of4in', 'in more, of 4 in', 25, 2),
      scaledBy('of10cm', 'cm more, of 10 cm', 10, 1),
    ],
  },
} as const satisfies Record<string, { title: string; usual: number; units: readonly Unit[] }>
export type QuantityId = keyof typeof QUANTITIES

/**
 * A value in every unit of its quantity.
 * @param unit the unit that it is given in; @throws RangeError where the quantity has no such unit
 */
export function inAllUnits(quantity: QuantityId, unit: string, value: number): { words: string; value: string }[] {
  const { units } = QUANTITIES[quantity]
  const from = (units as readonly Unit[]).find(({ id }) => id === unit)
  if (!from) throw new RangeError(`inAllUnits: ${quantity} has no unit ${unit}`)
  const base = from.into(value)
  return units.map(({ words, out, decimals }) => ({ words, value: out(base).toFixed(decimals) }))
}
