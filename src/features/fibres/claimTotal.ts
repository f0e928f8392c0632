import { type ClaimItem } from '@/core/identify/types'

/** What the shares add up to, and whether a label could say so. */
export function claimTotal(claim: readonly ClaimItem[]): { total: number; tooMuch: boolean } {
  const total = claim.reduce((sum, { percent }) => sum + percent, 0)
  return { total, tooMuch: total > 100.5 }
}
