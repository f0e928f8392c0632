import { isTrace } from '../fibres/catalogue'
import { BODIES, type Body } from '../vocabulary/cloth'
import { GOOD_FIT } from './steps'
import { detailStretchFit, detailWeightFit, fitOfStep } from './fit'
import { type DetailRule } from './data/detailRule'
import { detailRules } from './data/details'
import { type FullNeed } from './need'
import { type HowKnown, type Offer } from '../fabric/types'
import { type Assessment } from './types'
import { chosenWord, type Detail } from '../vocabulary/choosing'
import { fibresOf } from '../fibres/traits'

/** How much one detail that goes wrong can take off a score. */
export const DETAIL_IMPORTANCE = 0.35

/** Details that are a fastening by themselves. */
const DRAWN_IN: readonly Detail[] = ['elastic-waist', 'drawstring', 'shirring']

/** Whether a shape that is pulled on need not stretch: what is drawn in at the waist goes over the hips so. */
export function isDrawnIn(detail: Detail, details: readonly Detail[]): boolean {
  return detail === 'pull-on' && details.some((one) => DRAWN_IN.includes(one))
}

/** What each detail of the pattern makes of the cloth. */
export function assessDetails(
  { details, gsm }: FullNeed,
  offer: Offer,
  certainty: Record<HowKnown, number>,
): Assessment[] {
  return details.flatMap((detail) => {
    const rule = detailRules[detail]
    const stretch = isDrawnIn(detail, details) ? undefined : byStretch(rule, offer)
    const judged = [byWeight(rule, offer, gsm), byBody(rule, offer), stretch].filter((one) => one !== undefined)
    if (judged.length === 0) return []
    const worst = judged.reduce((a, b) => (b.fit < a.fit ? b : a))
    const fine = isHeatSet(rule, offer)
      ? `For the ${chosenWord(detail)} it can be set by heat, and keeps them for good.`
      : `Fine for the ${chosenWord(detail)}.`
    const text = worst.fit >= GOOD_FIT ? fine : sentence(rule, detail, worst.miss)
    return [
      {
        property: detail,
        importance: DETAIL_IMPORTANCE,
        fit: worst.fit,
        certainty: certainty[worst.how],
        miss: worst.miss,
        detail,
        text,
      },
    ]
  })
}

interface Judged {
  fit: number
  miss: 'under' | 'over' | null
  how: HowKnown
}

export const PLIABLE: readonly Body[] = ['fluid', 'soft', 'moderate']

/** The weights that a detail takes, g/m². Its upper limit gives way to the garment: a coat’s belt may be heavy. */
export function detailWeightsOf(
  { gsm: span, pliableTo }: DetailRule,
  pliable: boolean,
  ofGarment: readonly [number, number],
): readonly [number, number] | undefined {
  if (!span) return undefined
  const own = Math.max(span[1] ?? Infinity, pliable ? (pliableTo ?? 0) : 0)
  return [span[0] ?? 0, Math.max(own, (ofGarment[0] + ofGarment[1]) / 2)]
}

function byWeight(rule: DetailRule, { gsm, body }: Offer, ofGarment: readonly [number, number]): Judged | undefined {
  const weights = detailWeightsOf(rule, body !== undefined && PLIABLE.includes(body.value), ofGarment)
  if (!weights || !gsm) return undefined
  const [low, high] = weights
  const { value, sd } = gsm.value
  const fit = detailWeightFit(value, sd, low, high)
  return { fit, miss: value < low ? 'under' : value > high ? 'over' : null, how: gsm.how }
}

/** Fibres in which heat sets a fold for good; common practice. */

function isHeatSet({ heatSets = false }: DetailRule, { fibres }: Offer): boolean {
  return (
    heatSets &&
    fibres !== undefined &&
    fibres.value.every((id) => fibresOf('keeps-pleats').includes(id) || isTrace(id))
  )
}

export function byBody(rule: DetailRule, offer: Offer): Judged | undefined {
  const { body: wanted } = rule
  const { body } = offer
  if (!wanted || !body) return undefined
  if (isHeatSet(rule, offer)) return { fit: 1, miss: null, how: body.how }
  return { ...fitOfStep(BODIES, body.value, wanted, [1, 0.55, 0.15, 0]), how: body.how }
}

function byStretch({ stretchAtLeast }: DetailRule, { stretchWidth }: Offer): Judged | undefined {
  if (stretchAtLeast === undefined || !stretchWidth) return undefined
  const fit = detailStretchFit(stretchWidth.value.value, stretchWidth.value.sd, stretchAtLeast)
  return { fit, miss: stretchWidth.value.value < stretchAtLeast ? 'under' : null, how: stretchWidth.how }
}

function sentence(rule: DetailRule, detail: Detail, miss: Judged['miss']): string {
  const word = chosenWord(detail)
  if (rule.stretchAtLeast !== undefined) return `It hardly stretches, so “${word}” needs a fastening or more ease.`
  const why = miss === 'over' ? rule.tooHeavy : rule.tooLight
  return why
    ? `For the ${word}: ${why}.`
    : `For the ${word} it is ${miss === 'over' ? 'too heavy or stiff' : 'too light or limp'}.`
}
