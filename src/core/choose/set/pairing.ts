import { type Phrase } from '../../text/text'
import { STEAM_SHARE } from '../../fabric/shrink'
import { fitOfSpan } from '../fit/fit'
import { statusOf } from '../fit/steps'
import { type Quantity } from '../../units/quantity'
import { type SetPair, type PairProperty, type SetPart } from './types'

/** What a rule says of a pair, before its status is read off its fit. */
export interface Ruling {
  id: string
  fit: number | null
  importance: number
  text: Phrase
  remedy?: SetPair['remedy']
}

export function pairOf(between: readonly [SetPart, SetPart], property: PairProperty, ruling: Ruling): SetPair {
  return { between, property, status: statusOf(ruling), ...ruling }
}

/** Per cent points by which two cloths may differ in shrinkage before a seam puckers, and at which nothing helps. */
const SHRINKS_ALIKE = 2
const SHRINKS_APART = 6

/** Whether two cloths lose as much in the wash as each other. @param inWater false: only steam reaches them */
export function shrinkRuling(a: Quantity, b: Quantity, words: { a: string; b: string }, inWater: boolean): Ruling {
  const share = inWater ? 1 : STEAM_SHARE
  const apart = { value: (a.value - b.value) * share, sd: Math.hypot(a.sd, b.sd) * share }
  const fit = fitOfSpan(apart, [-SHRINKS_ALIKE, SHRINKS_ALIKE], -SHRINKS_APART, SHRINKS_APART)
  const more = apart.value > 0 ? words.a : words.b
  const points = Math.abs(apart.value)
  const text =
    fit >= 0.8
      ? `The ${words.a} and the ${words.b} shrink about equally.`
      : `The ${more} shrinks about ${points.toFixed(0)} % more in the wash: the other would bag or pucker.`
  const remedy = {
    id: 'wash-both-first',
    text: 'Wash and dry both as you will the garment, before you cut.',
    fit: 0.92,
  }
  return { id: 'shrink-alike', fit, importance: 0.4, text, ...(inWater && fit < 0.8 && { remedy }) }
}
