import { PRIORITIES, type Priority } from '../vocabulary/making'
import { type Minutes } from './minutes'

/** How much a minute of being late weighs. */
const WEIGHTS: Readonly<Record<Priority, number>> = { first: 4, usual: 2, later: 1 }

/** When somebody wants to have it, and how much it matters. */
export interface DueDate {
  /** Minutes; null: no day was wished. */
  wish?: Minutes | null
  priority?: Priority
}

/**
 * The order in which projects find their time: by priority, then the earliest wish (earliest due date first, common
 * practice of planning), then as they were begun.
 * @returns for each project its turn; 0 comes first
 */
export function turnsOf(all: readonly DueDate[]): number[] {
  const order = all
    .map(({ wish, priority = 'usual' }, index) => ({ index, rank: PRIORITIES.indexOf(priority), wish }))
    .sort((a, b) => a.rank - b.rank || (a.wish ?? Infinity) - (b.wish ?? Infinity) || a.index - b.index)
  const turns = all.map(() => 0)
  order.forEach(({ index }, turn) => {
    turns[index] = turn
  })
  return turns
}

/** Minutes after the wished ends, weighed by priority. @param ends of each project; null: without an end */
export function latenessOf(all: readonly DueDate[], ends: readonly (Minutes | null)[]): number {
  return all.reduce((sum, { wish, priority = 'usual' }, i) => {
    const end = ends[i] ?? null
    return sum + (wish == null || end === null ? 0 : Math.max(0, end - wish) * WEIGHTS[priority])
  }, 0)
}
