import { clothWithId } from '../cloths/traits'
import { type Quantity } from '../units/quantity'
import { hasPile } from './handling'
import { meanOver } from './mix'
import { type Offer } from './types'

/** What a weave adds to the slide of its fibres, and what a raised or looped face takes off; common practice. */
const BY_WEAVE: Readonly<Partial<Record<string, number>>> = { satin: 0.3, sateen: 0.2, twill: 0.1 }
const RAISED = -0.5
/** Standard uncertainty of one cloth beside its like. */
const SPREAD = 0.08

/**
 * How easily a cloth slides over other cloth, 0 (drags) … 1 (slips): its fibres, its weave and its face together.
 * @returns undefined where its fibres are not known
 */
export function slideOf(offer: Offer): Quantity | undefined {
  const { mix = [], interlacing = '', called = '', isBrushed = false } = offer
  const fibres = meanOver(mix, ({ handle }) => handle.slide)
  if (!fibres) return undefined
  const isRaised = hasPile(offer) || isBrushed
  const made = (BY_WEAVE[interlacing] ?? 0) + (clothWithId(called)?.slide ?? 0) + (isRaised ? RAISED : 0)
  return { value: fibres.value + made, sd: Math.hypot(fibres.sd, SPREAD) }
}
