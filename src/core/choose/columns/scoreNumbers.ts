import { type Criterion, type FixedSide, type NumberScore, type NumberSide } from '../criteria/criterion'
import { fitOfNumber } from '../fit/fit'
import { UNKNOWN_FIT } from '../fit/score'
import { codesOf, UNKNOWN_HOW, type OfferColumns } from './stashColumns'
import { CERTAINTY_BY_HOW, type Sums } from './sums'

/** Adds a criterion that numbers decide, in one pass: the same worst side as `worstSide` finds. */
export function scoreNumbers(
  { score, importance, certain }: Sums,
  columns: OfferColumns,
  reads: Criterion['reads'],
  scoreOf: (offer: OfferColumns['offers'][number]) => NumberScore,
): void {
  const { codes, samples } = codesOf(columns, reads)
  const scores = samples.map(scoreOf)
  const weights = Float64Array.from(scores, (one) => one.importance)
  const ifUnknown = Float64Array.from(scores, (one) => (one.isAlwaysAsked ? UNKNOWN_FIT : Infinity))
  const ofGsm = numberSides(scores, ({ gsm }) => gsm)
  const fixed = fixedSides(scores)
  const ofStretch = numberSides(scores, ({ stretch }) => stretch)
  const { gsm } = columns.numbers
  const stretch = columns.numbers[scores.find((one) => one.stretch)?.stretch?.by ?? 'stretchWidth']
  // What is imported is bound to a name of its own before a long loop: a loader may put a call behind the import.
  const [fitOf, certaintyOf] = [fitOfNumber, CERTAINTY_BY_HOW]
  const unknown: number = UNKNOWN_HOW
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    let fit = Infinity
    let certainty = 0
    if (ofGsm && gsm.how[i] !== unknown && ofGsm.has[code]) {
      const { low, high, zeroBelow, zeroAbove } = ofGsm
      const on = fitOf(gsm.value[i]!, gsm.sd[i]!, low[code]!, high[code]!, zeroBelow[code]!, zeroAbove[code]!)
      fit = ofGsm.base[code]! + ofGsm.slope[code]! * on
      certainty = ofGsm.isFixed[code] ? ofGsm.certainty[code]! : certaintyOf[gsm.how[i]!]!
    }
    if (fixed && fixed.fit[code]! < fit) {
      fit = fixed.fit[code]!
      certainty = fixed.certainty[code]!
    }
    if (ofStretch && stretch.how[i] !== unknown && ofStretch.has[code]) {
      const { low, high, zeroBelow, zeroAbove } = ofStretch
      const on = fitOf(stretch.value[i]!, stretch.sd[i]!, low[code]!, high[code]!, zeroBelow[code]!, zeroAbove[code]!)
      const found = ofStretch.base[code]! + ofStretch.slope[code]! * on
      if (found < fit) {
        fit = found
        certainty = ofStretch.isFixed[code] ? ofStretch.certainty[code]! : certaintyOf[stretch.how[i]!]!
      }
    }
    if (fit === Infinity) fit = ifUnknown[code]!
    if (fit === Infinity) continue
    const weight = weights[code]!
    score[i]! *= 1 - weight * (1 - fit)
    importance[i]! += weight
    certain[i]! += weight * certainty
  }
}

/** Sides by the code of the fabric; null where no fabric has one. */
function numberSides(scores: readonly NumberScore[], sideOf: (score: NumberScore) => NumberSide | undefined) {
  const sides = scores.map(sideOf)
  if (!sides.some((side) => side)) return null
  const of = (read: (side: NumberSide) => number) => Float64Array.from(sides, (side) => (side ? read(side) : NaN))
  return {
    has: Uint8Array.from(sides, (side) => (side ? 1 : 0)),
    low: of(({ ramp }) => ramp.low),
    high: of(({ ramp }) => ramp.high),
    zeroBelow: of(({ ramp }) => ramp.zeroBelow),
    zeroAbove: of(({ ramp }) => ramp.zeroAbove),
    base: of(({ base = 0 }) => base),
    slope: of(({ slope = 1 }) => slope),
    isFixed: Uint8Array.from(sides, (side) => (side?.certainty === undefined ? 0 : 1)),
    certainty: of(({ certainty = 0 }) => certainty),
  }
}

function fixedSides(scores: readonly NumberScore[]) {
  if (!scores.some(({ fixed }) => fixed)) return null
  const of = (read: (side: FixedSide) => number, none: number) =>
    Float64Array.from(scores, ({ fixed }) => (fixed ? read(fixed) : none))
  return { fit: of(({ fit }) => fit, Infinity), certainty: of(({ certainty }) => certainty, 0) }
}
