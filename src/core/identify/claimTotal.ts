/** The most that the shares of a label may add up to, per cent: rounding to whole per cents may go half over. */
const MOST_PERCENT = 100.5

/** What the shares of a label add up to, and whether that is more than all of the cloth. */
export function claimTotal(items: readonly { percent: number }[]): { total: number; tooMuch: boolean } {
  const total = items.reduce((sum, { percent }) => sum + percent, 0)
  return { total, tooMuch: total > MOST_PERCENT }
}
