import { type MixPart } from '../../fabric/types'
import { meanOver } from '../../fabric/mix'
import { type Quantity } from '../../units/quantity'
import { mustHave } from '../../lists/items'

/** Classes of knitting yarn, by how often it goes round a ruler’s inch. Common practice; bounds differ a little. */
export const YARN_CLASSES = {
  lace: { from: 18, words: { uk: 'lace', us: 'lace' } },
  fingering: { from: 14, words: { uk: '4-ply', us: 'fingering' } },
  sport: { from: 12, words: { uk: '5-ply', us: 'sport' } },
  dk: { from: 11, words: { uk: 'double knitting (DK)', us: 'light worsted (DK)' } },
  worsted: { from: 9, words: { uk: 'light aran', us: 'worsted' } },
  aran: { from: 8, words: { uk: 'aran', us: 'heavy worsted' } },
  bulky: { from: 6, words: { uk: 'chunky', us: 'bulky' } },
  'super-bulky': { from: 0, words: { uk: 'super chunky', us: 'super bulky' } },
} as const
export type YarnClass = keyof typeof YARN_CLASSES

/** @param wrapsPerInch how often it lies beside itself on an inch of a ruler, without pulling */
export function yarnClassOf(wrapsPerInch: number): YarnClass {
  const classes = Object.entries(YARN_CLASSES) as [YarnClass, { from: number }][]
  return mustHave(classes.find(([, { from }]) => wrapsPerInch >= from))[0]
}

/**
 * Metres a gram of a woollen yarn at one wrap an inch, and how they grow with the wraps: a line through the labels of
 * usual yarns (9 wraps 2 m, 15 wraps 4.2 m, 20 wraps 7.5 m a gram), on a double-logarithmic paper. From memory.
 */
const METRES_AT_ONE = 0.045
const POWER = 1.7
/** How far yarns of one thickness differ: twist, loft, and how tightly one wraps. */
const SPREAD = 0.16
/** Fibre of wool, g/cm³: heavier fibres give fewer metres of the same thickness. */
const WOOL_DENSITY = 1.31

/**
 * Metres of yarn in a gram.
 * @param mix empty where its fibres are not known
 */
export function metresPerGram(wrapsPerInch: number, mix: readonly MixPart[]): Quantity {
  const middle = ([low, high]: readonly [number, number]) => (low + high) / 2
  const density = meanOver(mix, ({ density: { gramsPerCm3 } }) => middle(gramsPerCm3)) ?? { value: 1.35, sd: 0.12 }
  const value = METRES_AT_ONE * wrapsPerInch ** POWER * (WOOL_DENSITY / density.value)
  return { value, sd: value * Math.hypot(SPREAD, density.sd / density.value) }
}
