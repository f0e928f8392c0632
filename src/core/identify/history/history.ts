import { fibreById, isTrace } from '../../fibres/catalogue'
import { type FibreId } from '../../vocabulary/fibres'
import { hypotheses } from '../hypotheses'
import { type Component, type Hypothesis, type MadeBetween } from '../types'
import { hasHistory, TILTS } from './told'
import { type FabricHistory } from './types'

/** The past is a hint, and what is seen on the bench must be able to overrule it; ours. */
export const MOST_TILT = 8

/**
 * Even a small share of a fibre counts as this much of it, and a trace in full: a swimsuit is known by its few per
 * cent of elastane.
 */
const LEAST_SAY = 0.5
const say = ({ fibre, weight }: Component) => (!isTrace(fibre) ? Math.max(weight, LEAST_SAY) : 1)

/** Years assumed before a "made before" date when nobody says after which; from memory. */
const USUAL_SPAN_YEARS = 30

/**
 * The hypotheses with priors for a cloth of that past; they sum to 1 again. What was sold nowhere yet is all but ruled
 * out, and a year within the span counts by the part of it that lies after. Kind, price and country
 * tilt, within bounds. With nothing known, the common list itself.
 * @throws RangeError where a kind, price or country is not in `TILTS`
 */
export function hypothesesFor(history: FabricHistory): readonly Hypothesis[] {
  if (!hasHistory(history)) return hypotheses
  const factor = fibreFactors(history)
  const sold = (fibre: FibreId) => soldFraction(fibre, history.made)
  const weighted = hypotheses.map((hypothesis) => {
    const tilt = hypothesis.components.reduce(
      (product, component) => product * factor(component.fibre) ** say(component),
      1,
    )
    const bounded = Math.min(MOST_TILT, Math.max(1 / MOST_TILT, tilt))
    return {
      ...hypothesis,
      prior: hypothesis.prior * bounded * Math.min(...hypothesis.components.map(({ fibre }) => sold(fibre))),
    }
  })
  const total = weighted.reduce((sum, { prior }) => sum + prior, 0)
  return weighted.map((hypothesis) => ({ ...hypothesis, prior: hypothesis.prior / total }))
}

function fibreFactors(history: FabricHistory): (fibre: FibreId) => number {
  const chosen = (Object.keys(TILTS) as (keyof typeof TILTS)[]).flatMap((question) => {
    const id = history[question]
    if (id === undefined) return []
    const found = TILTS[question].find((one) => one.id === id)
    if (!found) throw new RangeError(`history: no ${question} is called "${id}"`)
    return [found]
  })
  return (fibre) => chosen.reduce((product, { factors }) => product * (factors[fibre] ?? 1), 1)
}

/**
 * How much there was of a fibre: before it was first sold anywhere, and from then until it was widely sold; 1 later.
 * Never nothing: dates are remembered wrongly, and garments mended. From memory.
 */
export const BEFORE_FIRST = 1e-4
const BEFORE_WIDELY = 0.2

/** Whether a fibre was sold nowhere yet in all of those years. */
export function notSoldYet(fibre: FibreId, made: MadeBetween | undefined): boolean {
  const { firstSold, soldSince } = fibreById(fibre)
  const first = firstSold ?? soldSince
  return first !== null && made?.before !== undefined && first >= made.before
}

/** Mean over a span of years of how much there was of a fibre; 1 where nothing is known of the years. */
function soldFraction(fibre: FibreId, made: MadeBetween | undefined): number {
  const { soldSince: widely, firstSold: first = widely } = fibreById(fibre)
  if (widely === null || first === null || made?.before === undefined) return 1
  const { before } = made
  // Years the wrong way round are refused where they come in; here they are one year.
  const after = Math.min(made.after ?? before - USUAL_SPAN_YEARS, before - 1)
  const within = (from: number, to: number) => Math.max(0, Math.min(before, to) - Math.max(after, from))
  const sum =
    BEFORE_FIRST * within(-Infinity, first) + BEFORE_WIDELY * within(first, widely) + within(widely, Infinity)
  return sum / (before - after)
}
