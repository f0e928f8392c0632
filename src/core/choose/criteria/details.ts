import { isTrace } from '../../fibres/catalogue'
import { BODIES, type Body } from '../../vocabulary/cloth'
import { GOOD_FIT } from '../fit/steps'
import { detailStretchRamp, detailWeightRamp, fitOfStep } from '../fit/fit'
import { type DetailRule } from '../need/detailRule'
import { detailRules } from '../need/details'
import { type FullNeed } from '../need/need'
import { type Offer } from '../../fabric/types'
import { type Assessment } from '../fit/types'
import { CERTAINTY, IMPORTANCE } from '../fit/weights'
import { bodyKey, knownKey, worstSide, type Criterion, type FixedSide, type NumberScore } from './criterion'
import { chosenWord, DETAILS, type Detail } from '../../vocabulary/choosing'
import { fibresOf } from '../../fibres/traits'

/** Details that are a fastening by themselves. */
const DRAWN_IN: readonly Detail[] = ['elastic-waist', 'drawstring', 'shirring']

/** Whether a shape that is pulled on need not stretch: what is drawn in at the waist goes over the hips so. */
function isDrawnIn(detail: Detail, details: readonly Detail[]): boolean {
  return detail === 'pull-on' && details.some((one) => DRAWN_IN.includes(one))
}

/** What the details of a pattern ask. */
export function detailCriteria({ details }: FullNeed): Criterion[] {
  return details.map((detail) => CRITERIA[detail])
}

const CRITERIA = Object.fromEntries(DETAILS.map((detail) => [detail, criterionOf(detail)])) as Record<
  Detail,
  Criterion
>

function criterionOf(detail: Detail): Criterion {
  const rule = detailRules[detail]
  return {
    id: detail,
    // Only what heat sets asks for the fibres as well.
    reads: rule.heatSets ? bodyAndFibresKey : bodyKey,
    score: (need, offer) => scoreDetail(detail, need, offer),
    judge: (need, offer) => {
      const worst = worstSide(scoreDetail(detail, need, offer), offer)
      if (!worst) return undefined
      const { fit, miss, certainty } = worst
      const fine = isHeatSet(rule, offer)
        ? `For the ${chosenWord(detail)}: heat sets them, and they stay for good.`
        : `Fine for the ${chosenWord(detail)}.`
      const text = fit >= GOOD_FIT ? fine : sentence(rule, detail, miss)
      return { property: detail, importance: IMPORTANCE.detail, fit, certainty, miss, detail, text }
    },
  }
}

function bodyAndFibresKey({ body, fibres }: Offer): string {
  return `${knownKey(body)} ${knownKey(fibres)}`
}

/** Its weight, its fall and its stretch, as far as the detail minds them. */
function scoreDetail(detail: Detail, need: FullNeed, offer: Offer): NumberScore {
  const rule = detailRules[detail]
  const weights = weightsOf(rule, offer, need.gsm)
  const least = isDrawnIn(detail, need.details) ? undefined : rule.stretchAtLeast
  return {
    importance: IMPORTANCE.detail,
    isAlwaysAsked: false,
    ...(weights && { gsm: { ramp: detailWeightRamp(weights) } }),
    fixed: byBody(rule, offer),
    ...(least !== undefined && { stretch: { by: 'stretchWidth', ramp: detailStretchRamp(least) } }),
  }
}

const PLIABLE: readonly Body[] = ['fluid', 'soft', 'moderate']

/** The weights that a detail takes, g/m². Its upper limit gives way to the garment: a coat’s belt may be heavy. */
function weightsOf(
  { gsm: span, pliableTo = 0 }: DetailRule,
  { body }: Offer,
  ofGarment: readonly [number, number],
): readonly [number, number] | undefined {
  if (!span) return undefined
  const isPliable = body !== undefined && PLIABLE.includes(body.value)
  const own = Math.max(span[1] ?? Infinity, isPliable ? pliableTo : 0)
  return [span[0] ?? 0, Math.max(own, (ofGarment[0] + ofGarment[1]) / 2)]
}

/** Heat sets a fold for good where all its fibres keep one; common practice. */
function isHeatSet({ heatSets = false }: DetailRule, { fibres }: Offer): boolean {
  return (
    heatSets &&
    fibres !== undefined &&
    fibres.value.every((id) => fibresOf('keeps-pleats').includes(id) || isTrace(id))
  )
}

function byBody(rule: DetailRule, offer: Offer): FixedSide | undefined {
  const { body: wanted } = rule
  const { body } = offer
  if (!wanted || !body) return undefined
  const certainty = CERTAINTY[body.how]
  if (isHeatSet(rule, offer)) return { fit: 1, miss: null, certainty }
  return { ...fitOfStep(BODIES, body.value, wanted, [1, 0.55, 0.15, 0]), certainty }
}

function sentence(rule: DetailRule, detail: Detail, miss: Assessment['miss']): string {
  const word = chosenWord(detail)
  if (rule.stretchAtLeast !== undefined) return `It hardly stretches, so “${word}” needs a fastening or more ease.`
  const why = miss === 'over' ? rule.tooHeavy : rule.tooLight
  return why
    ? `For the ${word}: ${why}.`
    : `For the ${word} it is ${miss === 'over' ? 'too heavy or stiff' : 'too light or limp'}.`
}
