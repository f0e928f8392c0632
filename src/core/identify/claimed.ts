import { isTrace, fibreById } from '../fibres/catalogue'
import { type FibreId } from '../vocabulary/fibres'
import { fibreSetKey, mixtureOf } from './hypotheses'
import { type ClaimItem, type Component, type Hypothesis } from './types'

/** A claimed share of at most this may go unseen in a flame, per cent; common practice. */
export const UNSEEN_PERCENT = 10

/** The mixture that a label speaks of: its percentages as shares of 100, a trace as loud as a trace shows. */
export function claimedMixture(claim: readonly ClaimItem[]): Component[] {
  const shares = new Map<FibreId, number>()
  for (const { fibre, percent } of claim) shares.set(fibre, (shares.get(fibre) ?? 0) + percent)
  // A trace shows above its few per cent by mass, in a claim as in any other cloth.
  const shown = [...shares]
    .filter(([, percent]) => percent > 0)
    .map(([fibre, percent]) => [fibre, Math.max(percent, (fibreById(fibre).traceWeight ?? 0) * 100)] as const)
  const total = shown.reduce((sum, [, percent]) => sum + percent, 0)
  return mixtureOf(shown.map(([fibre, percent]) => [fibre, percent / total]))
}

/** The fibres of a label, the largest share first. */
export function claimedFibres(claim: readonly ClaimItem[]): FibreId[] {
  return claimedMixture(claim).map(({ fibre }) => fibre)
}

/**
 * Whether a hypothesis is what the claim says. Claimed shares that nobody would see may be missing, and some other
 * trace beside the claim's main fibres is no lie.
 */
export function meansClaim(claim: readonly ClaimItem[]): (hypothesis: Hypothesis) => boolean {
  const mixture = claimedMixture(claim)
  const claimKey = fibreSetKey(mixture)
  const visibleKey = fibreSetKey(mixture.filter(({ weight }) => weight * 100 > UNSEEN_PERCENT))
  return ({ fibreSet, components }) => {
    if (fibreSet === claimKey || fibreSet === visibleKey) return true
    const loud = components.filter(({ fibre }) => !isTrace(fibre))
    return loud.length > 0 && loud.length < components.length && fibreSetKey(loud) === visibleKey
  }
}
