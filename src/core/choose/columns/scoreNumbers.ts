import {
  type Criterion,
  type NumberScore,
  type NumberSide,
  type ScoredNumber,
  type Side,
} from '../criteria/criterion'
import { fitOfNumber } from '../fit/fit'
import { UNKNOWN_FIT } from '../fit/score'
import { codesOf, UNKNOWN_HOW, type NumberColumn, type OfferColumns } from './stashColumns'
import { CERTAINTY_BY_HOW, type Sums } from './sums'

/** The worst side of each cloth so far; an infinite fit where none is known. */
interface Worst {
  fit: Float64Array
  certainty: Float64Array
}

/** Adds a criterion that numbers decide: side by side, each in one pass over its column. */
export function scoreNumbers(
  sums: Sums,
  columns: OfferColumns,
  reads: Criterion['reads'],
  scoreOf: (offer: OfferColumns['offers'][number]) => NumberScore,
): void {
  const { codes, samples } = codesOf(columns, reads)
  const scores = samples.map(scoreOf)
  const worst: Worst = {
    fit: new Float64Array(codes.length).fill(Infinity),
    certainty: new Float64Array(codes.length),
  }
  const most = Math.max(0, ...scores.map(({ sides }) => sides.length))
  // In the order of the sides: of equal ones the first counts, as `worstSide` has it.
  for (let place = 0; place < most; place++) {
    const sides = scores.map((score) => score.sides[place])
    takeFixed(worst, codes, sides)
    for (const by of new Set(sides.flatMap((side) => (side && 'by' in side ? [side.by] : []))))
      takeNumber(worst, codes, sides, by, columns.numbers[by])
  }
  add(sums, codes, scores, worst)
}

function takeFixed({ fit, certainty }: Worst, codes: Uint32Array, sides: readonly (Side | undefined)[]): void {
  if (!sides.some((side) => side && 'fit' in side)) return
  const fits = Float64Array.from(sides, (side) => (side && 'fit' in side ? side.fit : Infinity))
  const certainties = Float64Array.from(sides, (side) => side?.certainty ?? 0)
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    if (fits[code]! >= fit[i]!) continue
    fit[i] = fits[code]!
    certainty[i] = certainties[code]!
  }
}

function takeNumber(
  { fit, certainty }: Worst,
  codes: Uint32Array,
  sides: readonly (Side | undefined)[],
  by: ScoredNumber,
  { value, sd, how }: NumberColumn,
): void {
  const own = sides.map((side) => (side && 'by' in side && side.by === by ? side : undefined))
  const of = (read: (side: NumberSide) => number) => Float64Array.from(own, (side) => (side ? read(side) : NaN))
  const [low, high] = [of(({ ramp }) => ramp.low), of(({ ramp }) => ramp.high)]
  const [zeroBelow, zeroAbove] = [of(({ ramp }) => ramp.zeroBelow), of(({ ramp }) => ramp.zeroAbove)]
  const [base, slope] = [of((side) => side.base ?? 0), of((side) => side.slope ?? 1)]
  const fixed = of((side) => side.certainty ?? NaN)
  // What is imported is bound to a name of its own before a long loop: a loader may put a call behind the import.
  const [fitOf, certaintyOf] = [fitOfNumber, CERTAINTY_BY_HOW]
  const unknown: number = UNKNOWN_HOW
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    const from = low[code]!
    if (how[i] === unknown || from !== from) continue
    const on = fitOf(value[i]!, sd[i]!, from, high[code]!, zeroBelow[code]!, zeroAbove[code]!)
    const found = base[code]! + slope[code]! * on
    if (found >= fit[i]!) continue
    fit[i] = found
    const given = fixed[code]!
    certainty[i] = given === given ? given : certaintyOf[how[i]!]!
  }
}

function add({ score, importance, certain }: Sums, codes: Uint32Array, scores: NumberScore[], worst: Worst): void {
  const weights = Float64Array.from(scores, (one) => one.importance)
  const ifUnknown = Float64Array.from(scores, (one) => (one.isAlwaysAsked ? UNKNOWN_FIT : Infinity))
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    const fit = worst.fit[i]! === Infinity ? ifUnknown[code]! : worst.fit[i]!
    if (fit === Infinity) continue
    const weight = weights[code]!
    score[i]! *= 1 - weight * (1 - fit)
    importance[i]! += weight
    certain[i]! += weight * worst.certainty[i]!
  }
}
