import { careOf } from '../../fabric/care'
import { shrinkOf, STEAM_SHARE } from '../../fabric/shrink'
import { type Offer } from '../../fabric/types'
import { type MixAsked, type MixPurpose, type MixReason } from './types'
import { inCm, inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Of what is still to come, each wash leaves so much over. Common practice: most of it goes in the first. */
const LEFT_BY_A_WASH = 0.3

/** Share of what is still to come that has come after so many washes. */
export function comeAfter(washes: number): number {
  return 1 - LEFT_BY_A_WASH ** washes
}

/** Per cent by which the sides of a seam may differ: up to the first nobody sees it, from the second it puckers. */
const PUCKERS: Readonly<Record<MixPurpose, readonly [seen: number, bad: number]>> = {
  garment: [1, 3],
  // A quilt’s crinkle is liked, and its patches are small.
  patchwork: [1.5, 4],
  bag: [1.5, 4.5],
}

/** Whether two cloths lose as much in the wash, and by how much their seam puckers after so many. */
export function shrinkageReason({ a, b, seamMm, washes, purpose }: MixAsked): MixReason {
  const share = comeAfter(washes) * (inWater(a) && inWater(b) ? 1 : STEAM_SHARE)
  const [one, other] = [shrinkOf(a).value.length, shrinkOf(b).value.length]
  const percent = Math.abs(one.value - other.value) * share
  const mm = (seamMm * percent) / 100
  const base = { property: 'shrinkage', id: 'shrink-alike', mm: Math.round(mm * 10) / 10 } as const
  if (isUnknown(a) || isUnknown(b))
    return {
      ...base,
      mm: null,
      status: 'unknown',
      text: 'We don’t know how much each will shrink: wash a marked square of both.',
    }
  const [seen, bad] = PUCKERS[purpose]
  const status = percent <= seen ? 'good' : percent < bad ? 'near' : 'bad'
  const times = washes === 1 ? 'one wash' : `${washes} washes`
  const doubt = (seamMm * Math.hypot(one.sd, other.sd) * share) / 100
  const text =
    status === 'good'
      ? phrase`After ${times} their seam differs by ${inMm(Math.round(mm))} in ${inCm(Math.round(seamMm / 10))}:
        nobody will notice.`
      : phrase`After ${times} one side of the seam is ${inMm(Math.round(mm))} shorter, give or take
        ${inMm(Math.round(doubt))}, in ${inCm(Math.round(seamMm / 10))}: it puckers.`
  return { ...base, status, text, ...(status !== 'good' && { remedy: 'wash-first' as const }) }
}

const inWater = (offer: Offer) => careOf(offer).washCelsius !== null

/** Nobody said what it will lose, and nothing tells. */
const isUnknown = ({ shrink, mix }: Offer) => !shrink && (mix ?? []).length === 0
