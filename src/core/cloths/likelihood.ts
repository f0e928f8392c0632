import { type InspectionFeature } from './inspection'
import { type InspectionId } from '../vocabulary/inspection'
import { BODIES, OPACITIES } from '../vocabulary/cloth'
import { namedCloths } from './catalogue'
import { type NamedCloth } from './types'
import { floatAt, itemAt } from '../lists/items'

/**
 * Share of answers that fall on the marks of the cloth; the rest falls anywhere. From memory of how people describe
 * cloth.
 */
const TRUE_SHARE = 0.84
/** The same where nothing but looking is needed: woven or knit, pile or none. */
const PLAIN_SHARE = 0.94
/** Nobody sees threads in a skin or a sheet. */
const THREADLESS_SHARE = 0.998
const isThreadless = ({ construction }: NamedCloth) => construction === 'hide' || construction === 'sheet'
/** How much each further mark is given of the one before it. */
const FURTHER_MARK = 0.62

const kept = new Map<NamedCloth, Map<InspectionId, Float64Array>>()

/**
 * Probability of each answer to a feature, given the cloth, in the order of the feature's states; sums to 1, or to a
 * slip's share where nobody asks that of such a cloth.
 */
export function markLikelihoodsOf(cloth: NamedCloth, feature: InspectionFeature): Float64Array {
  const own = kept.get(cloth) ?? new Map<InspectionId, Float64Array>()
  kept.set(cloth, own)
  const before = own.get(feature.id)
  if (before) return before
  const made = rowOf(cloth, feature)
  own.set(feature.id, made)
  return made
}

const tables = new Map<InspectionId, Float64Array>()

/** The logarithms of `markLikelihoodsOf` for every named cloth, one row of states after another. */
export function logTableOf(feature: InspectionFeature): Float64Array {
  const before = tables.get(feature.id)
  if (before) return before
  const table = new Float64Array(namedCloths.length * feature.states.length)
  namedCloths.forEach((cloth, index) => {
    table.set(markLikelihoodsOf(cloth, feature).map(Math.log), index * feature.states.length)
  })
  tables.set(feature.id, table)
  return table
}

function rowOf(cloth: NamedCloth, feature: InspectionFeature): Float64Array {
  const marked = cloth.marks[feature.id]
  // How its threads lie is not asked of what has none.
  if (isThreadless(cloth) && feature.only)
    return new Float64Array(feature.states.length).fill((1 - THREADLESS_SHARE) / feature.states.length)
  switch (feature.id) {
    case 'construction':
      return spread(feature, marked ?? [cloth.construction], isThreadless(cloth) ? THREADLESS_SHARE : PLAIN_SHARE)
    case 'body':
      return ordinal(BODIES.indexOf(cloth.body), feature.states.length, 0.85)
    case 'opacity':
      return ordinal(OPACITIES.indexOf(cloth.opacity), feature.states.length, 0.55)
    case 'interlacing':
      return spread(feature, marked ?? WEAVE[cloth.interlacing] ?? [], TRUE_SHARE)
    case 'pile':
      return spread(feature, marked ?? ['none'], PLAIN_SHARE)
    case 'figure':
      return spread(feature, marked ?? ['none'], marked ? TRUE_SHARE - 0.2 : 0.45)
    default:
      return spread(feature, marked ?? [], TRUE_SHARE)
  }
}

/** What an inspection calls the weaves that cloths are drawn with. */
const WEAVE: Readonly<Record<string, readonly string[]>> = {
  plain: ['plain'],
  basket: ['basket'],
  rib: ['rib', 'plain'],
  twill: ['twill'],
  'broken-twill': ['broken-twill'],
  herringbone: ['herringbone'],
  satin: ['satin'],
  sateen: ['satin'],
  'crepe-weave': ['crepe-weave'],
  dobby: ['dobby'],
  jacquard: ['jacquard'],
  leno: ['leno'],
  'double-cloth': ['double-cloth'],
  waffle: ['dobby'],
  pile: ['plain', 'twill'],
  'pile-ribs': ['plain', 'twill'],
}

/** The marks share `share`, the first the most; what is not marked at all says nothing. */
function spread({ states }: InspectionFeature, marks: readonly string[], share: number): Float64Array {
  const row = new Float64Array(states.length).fill((marks.length > 0 ? 1 - share : 1) / states.length)
  const weights = marks.map((_, index) => FURTHER_MARK ** index)
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  marks.forEach((mark, index) => {
    const at = states.findIndex(({ id }) => id === mark)
    row[at] = floatAt(row, at) + (share * itemAt(weights, index)) / total
  })
  return row
}

/** A judgement on a scale: most often right, else near it. `blur` is the standard deviation in steps. */
function ordinal(at: number, length: number, blur: number): Float64Array {
  const row = Float64Array.from({ length }, (_, state) => Math.exp(-((state - at) ** 2) / (2 * blur * blur)) + 0.02)
  const total = row.reduce((sum, value) => sum + value, 0)
  return row.map((value) => value / total)
}

/** Normal log-density, without the constant. */
function logNormal(value: number, mean: number, sd: number): number {
  return -((value - mean) ** 2) / (2 * sd * sd) - Math.log(sd)
}

/** Half of a span that is usually kept to, in standard deviations: about four cloths in five lie within it. */
const SPAN_HALF = 1.28
/** A density never falls below this much of its peak: names are used loosely. */
const LOOSE = Math.log(0.004)

/** By how much a weight may lie beyond the usual span, as a ratio, before no such cloth is made. From memory. */
const BEYOND = 1.6
/** What is left of a density where no such cloth is made: a slip of the pen, nothing more. */
const NO_SUCH_CLOTH = Math.log(1e-9)

/** Whether a cloth of that span is made in that weight at all. */
export function isPlausibleWeight(gsm: number, [low, high]: readonly [number, number]): boolean {
  return gsm >= low / BEYOND && gsm <= high * BEYOND
}

/** The same as `logWeightDensity`, but for a named cloth: beyond what is plausible it is none. */
export function logNamedWeightDensity(gsm: number, span: readonly [number, number]): number {
  return logWeightDensity(gsm, span) + (isPlausibleWeight(gsm, span) ? 0 : NO_SUCH_CLOTH)
}

/** Log-density of a weight for a cloth usually sold within `span`, g/m²; weights spread by ratio. */
export function logWeightDensity(gsm: number, [low, high]: readonly [number, number]): number {
  const sd = Math.max(0.12, (Math.log(high) - Math.log(low)) / 2 / SPAN_HALF)
  const mean = (Math.log(high) + Math.log(low)) / 2
  return Math.max(logNormal(Math.log(gsm), mean, sd), logNormal(mean, mean, sd) + LOOSE)
}

/** Log-density of a stretch across, per cent, for a cloth that usually has that of `span`. */
export function logWidthDensity(percent: number, [low, high]: readonly [number, number]): number {
  const sd = Math.max(3, (high - low) / 2 / SPAN_HALF)
  const mean = (high + low) / 2
  return Math.max(logNormal(percent, mean, sd), logNormal(mean, mean, sd) + LOOSE)
}
