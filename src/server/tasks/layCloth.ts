import { laidOut } from '../../core/lay/lay'
import { byMoves, bySeconds } from '../../core/lay/search/budget'
import { type LayAnswer, type LayTask } from '../../core/lay/types'

export interface LayClothTask {
  task: LayTask
  /** Left out: a fixed number of moves, and so the same answer each time. */
  seconds?: number
}

/** Moves of a piece that are made where no time is named: a few seconds’ worth. */
const MOVES = 14_000

/** Lays a pattern’s pieces in a worker thread. */
export function layCloth({ task, seconds }: LayClothTask): Promise<LayAnswer & { seconds: number }> {
  const since = performance.now()
  const budget = seconds === undefined ? byMoves(MOVES) : bySeconds(seconds, () => performance.now())
  const answer = laidOut(task, budget)
  return Promise.resolve({ ...answer, seconds: (performance.now() - since) / 1000 })
}
