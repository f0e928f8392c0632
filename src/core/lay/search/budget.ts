import { type Effort } from './separate'

/** How much of what may be spent is spent: by moves, so that an answer is the same each time, or by the clock. */
export interface Budget {
  tick(): void
  /** 0..1 and beyond */
  spent(): number
}

/** Ends after so many moves of an item. */
export function byMoves(most: number): Budget {
  let moves = 0
  return { tick: () => void moves++, spent: () => moves / most }
}

/** Ends after so many seconds. @param now a clock, ms */
export function bySeconds(seconds: number, now: () => number): Budget {
  const since = now()
  return { tick: () => undefined, spent: () => (now() - since) / (seconds * 1000) }
}

/** An effort that ends where the budget is spent to a share. */
export function upTo(budget: Budget, share: number): Effort {
  return {
    spend() {
      budget.tick()
      return budget.spent() >= share
    },
  }
}
