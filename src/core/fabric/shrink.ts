import { fibreById } from '../fibres/catalogue'
import { COVERAGE_80, scaleQuantity, type Quantity } from '../units/quantity'
import { meanOver } from './mix'
import { type KnownValue, type Offer, type Shrink } from './types'
import { mustHave } from '../lists/items'

/** What is still to come after a first wash as it will be washed, per cent of what there was; common practice. */
const LEFT_AFTER_WASH = 0.15
/** Across, cloth loses about half of what it loses along: the warp was held tight on the loom. Common practice. */
const ACROSS = 0.5
/** Knits lose more, and across as much as along; net and felt of synthetics little. From memory. */
const KNIT = 1.4
/** Of what a wash would take, steam and the dry-cleaner take so much. From memory. */
export const STEAM_SHARE = 0.25
/** Where nobody knows of what a cloth is, per cent. */
const UNKNOWN: Quantity = { value: 3, sd: 2.5 }

/**
 * What a cloth will still lose in its washes, per cent each way: said or measured where it was, else as is usual for
 * its fibres by their shares, by whether it has been washed.
 */
export function shrinkOf(offer: Offer): KnownValue<Shrink> {
  const { shrink, mix = [], construction, washed } = offer
  if (shrink) return shrink
  const usual = mix.length === 0 ? UNKNOWN : usualOf(offer)
  const isKnit = construction?.value === 'knit'
  const stillToCome = washed ? LEFT_AFTER_WASH : 1
  const length = scaleQuantity(usual, (isKnit ? KNIT : 1) * stillToCome)
  return { value: { length, width: scaleQuantity(length, isKnit ? 1 : ACROSS) }, how: 'estimated' }
}

function usualOf({ mix = [] }: Offer): Quantity {
  const middle = mustHave(meanOver(mix, ({ care: { shrinks } }) => (shrinks[0] + shrinks[1]) / 2))
  const half = mustHave(meanOver(mix, ({ care: { shrinks } }) => (shrinks[1] - shrinks[0]) / 2))
  // One fibre that does not shrink holds the other: they are twisted together. Half of the way to the smallest.
  const least = Math.min(
    ...mix
      .filter(({ fraction }) => fraction.value > 0.3)
      .map(({ fibre }) => (fibreById(fibre).care.shrinks[0] + fibreById(fibre).care.shrinks[1]) / 2),
  )
  const held = Number.isFinite(least) ? (middle.value + Math.min(least, middle.value)) / 2 : middle.value
  return { value: held, sd: Math.hypot(half.value / COVERAGE_80, middle.sd) }
}
