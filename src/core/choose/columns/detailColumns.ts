import { CERTAINTY } from '../weights'
import { detailRules } from '../data/details'
import { type DetailRule } from '../data/detailRule'
import { byBody, DETAIL_IMPORTANCE, isDrawnIn, PLIABLE, detailWeightsOf } from '../details'
import { detailStretchFit, detailWeightFit } from '../fit'
import { type FullNeed } from '../need'
import { CERTAINTY_BY_HOW, type Sums } from './sums'
import { UNKNOWN_HOW, type OfferColumns } from './stashColumns'

/** Each detail of a pattern over every cloth: its worst side counts, as in `assessDetails`. */
export function scoreDetails(sums: Sums, columns: OfferColumns, { details, gsm }: FullNeed): void {
  for (const detail of details) {
    const rule = detailRules[detail]
    const asked = isDrawnIn(detail, details) ? { ...rule, stretchAtLeast: undefined } : rule
    scoreDetail(sums, columns, asked, gsm)
  }
}

function scoreDetail(
  sums: Sums,
  { gsm, stretchWidth, body, bodyAndFibres }: OfferColumns,
  rule: DetailRule,
  ofGarment: readonly [number, number],
): void {
  // Only what heat sets asks for the fibres as well.
  const { codes, samples } = rule.heatSets ? bodyAndFibres : body
  const bodies = samples.map((offer) => byBody(rule, offer))
  const weights = samples.map((offer) =>
    detailWeightsOf(rule, offer.body !== undefined && PLIABLE.includes(offer.body.value), ofGarment),
  )
  const least = rule.stretchAtLeast
  const unsaid: number = UNKNOWN_HOW
  const { score, importance, certain } = sums
  const [weightOf, stretchOf, certaintyOf, weight] = [
    detailWeightFit,
    detailStretchFit,
    CERTAINTY_BY_HOW,
    DETAIL_IMPORTANCE,
  ]
  const bodyFit = bodies.map((one) => one?.fit ?? Infinity)
  const bodyCertain = bodies.map((one) => (one ? CERTAINTY[one.how] : 0))
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    const span = weights[code]
    let fit = Infinity
    let certainty = 0
    if (span && gsm.how[i] !== unsaid) {
      fit = weightOf(gsm.value[i]!, gsm.sd[i]!, span[0], span[1])
      certainty = certaintyOf[gsm.how[i]!]!
    }
    if (bodyFit[code]! < fit) {
      fit = bodyFit[code]!
      certainty = bodyCertain[code]!
    }
    if (least !== undefined && stretchWidth.how[i] !== unsaid) {
      const ofStretch = stretchOf(stretchWidth.value[i]!, stretchWidth.sd[i]!, least)
      if (ofStretch < fit) {
        fit = ofStretch
        certainty = certaintyOf[stretchWidth.how[i]!]!
      }
    }
    if (fit === Infinity) continue
    score[i]! *= 1 - weight * (1 - fit)
    importance[i]! += weight
    certain[i]! += weight * certainty
  }
}
