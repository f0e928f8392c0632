import { GSM_PER_MOMME, GSM_PER_OUNCE_PER_SQUARE_YARD, MM_PER_INCH, MM_PER_YARD } from './constants'
import { cottonCountFromTex, texFromCottonCount, texFromDenier, texFromMetricCount } from './yarnCount'

/** One unit of a quantity: into the base unit and out of it. */
export interface Unit {
  id: string
  words: string
  /** What it is, and where it is met. Common practice. */
  told: string
  /** Into the base unit. */
  into: (value: number) => number
  out: (base: number) => number
  decimals: number
}

const scaledBy = (id: string, words: string, base: number, decimals: number, told: string): Unit => ({
  id,
  words,
  told,
  into: (value) => value * base,
  out: (value) => value / base,
  decimals,
})

/** Quantities that a conversion desk knows, each with its units; the base unit first. */
export const QUANTITIES = {
  weight: {
    title: 'Fabric weight',
    usual: 150,
    units: [
      scaledBy(
        'gsm',
        'g/m²',
        1,
        0,
        'Grams that one square metre weighs: on labels and in shops that sell fabric by the metre.',
      ),
      scaledBy(
        'oz',
        'oz/yd²',
        GSM_PER_OUNCE_PER_SQUARE_YARD,
        2,
        'Ounces that one square yard weighs: “12 oz denim”. Older books mean ounces per running yard.',
      ),
      scaledBy(
        'momme',
        'momme',
        GSM_PER_MOMME,
        1,
        'The weight used for silk: 8 is light, 16 a blouse, 30 and more a suiting.',
      ),
    ],
  },
  length: {
    title: 'Length and width',
    usual: 140,
    units: [
      scaledBy('cm', 'cm', 1, 1, 'Centimetres: seam allowances and hems of most patterns.'),
      scaledBy('m', 'm', 100, 2, 'Metres: most shops sell fabric by the tenth of a metre.'),
      scaledBy('in', 'in', MM_PER_INCH / 10, 1, 'Inches of 25.4 mm: widths of American fabric, and the ⅝ in seam.'),
      scaledBy('yd', 'yd', MM_PER_YARD / 10, 2, 'Yards of 36 in, 0.9144 m: sold by the eighth of a yard.'),
    ],
  },
  yarn: {
    title: 'Fineness of yarn (count)',
    usual: 20,
    units: [
      scaledBy('tex', 'tex (g per km)', 1, 1, 'Grams that one kilometre of yarn weighs: the more, the thicker.'),
      {
        id: 'denier',
        words: 'denier (g per 9 km)',
        told: 'Grams that nine kilometres weigh: tights, linings and filament yarns. The more, the thicker.',
        into: texFromDenier,
        out: (tex) => tex * 9,
        decimals: 0,
      },
      {
        id: 'ne',
        words: 'cotton count, Ne',
        told: 'Hanks of 840 yards per pound: cotton yarn and thread. The more, the finer.',
        into: texFromCottonCount,
        out: cottonCountFromTex,
        decimals: 1,
      },
      {
        id: 'nm',
        words: 'metric count, Nm',
        told: 'Kilometres per kilogram: wool and knitting yarns. The more, the finer.',
        into: texFromMetricCount,
        out: (tex) => 1000 / tex,
        decimals: 1,
      },
    ],
  },
  stretch: {
    title: 'Stretch',
    usual: 25,
    units: [
      scaledBy('percent', '% (per cent)', 1, 0, 'How much longer it gets when stretched, in per cent.'),
      // Of 4 in, to the eighth that a ruler has.
      scaledBy(
        'of4in',
        'extra inches, from 4 in',
        25,
        2,
        'As the gauge on an envelope shows it: 4 in of folded fabric, stretched to a mark.',
      ),
      scaledBy('of10cm', 'extra cm, from 10 cm', 10, 1, 'The same gauge in centimetres.'),
    ],
  },
} as const satisfies Record<string, { title: string; usual: number; units: readonly Unit[] }>
export type QuantityId = keyof typeof QUANTITIES

/** Where the figures of a quantity are from. */
export const UNIT_SOURCES: Readonly<Record<QuantityId, string>> = {
  weight:
    'Ounce and yard by the international agreement of 1959; a momme by the trade’s definition, pounds of silk 45 in ' +
    'wide and 100 yd long (common practice).',
  length: 'Inch and yard by the international agreement of 1959.',
  yarn: 'tex by ISO 1144 (from memory); the counts by their definitions.',
  stretch: 'By arithmetic.',
}

/** A unit by its id, and what it is a unit of; undefined where there is none. */
export function unitById(id: string): { quantity: QuantityId; unit: Unit } | undefined {
  for (const quantity of Object.keys(QUANTITIES) as QuantityId[]) {
    const unit = (QUANTITIES[quantity].units as readonly Unit[]).find((one) => one.id === id)
    if (unit) return { quantity, unit }
  }
  return undefined
}

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
