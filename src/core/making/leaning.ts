import { laidOut } from '../lay/lay'
import { byMoves } from '../lay/search/budget'
import { type LayTask } from '../lay/types'

/** What laying by the threads, or by a print that leans from them, takes. */
export interface Leaning {
  along: 'threads' | 'print'
  /** Null where not everything goes on. */
  lengthMm: number | null
}

/** Moves of a piece for each way. */
const MOVES = 1500

/**
 * Both ways of laying on a print that is off grain, each laid for real.
 * @param task on a length of cloth
 * @param leanDeg of the print from the threads, degrees anticlockwise
 */
export function* bothLeanings(task: LayTask, leanDeg: number): Generator<Leaning> {
  const { cloth, ...rest } = task
  if (!cloth) return
  for (const along of ['threads', 'print'] as const) {
    const laid = laidOut({ ...rest, cloth: { ...cloth, leanDeg: along === 'print' ? leanDeg : 0 } }, byMoves(MOVES))
    yield { along, lengthMm: laid.unplaced.length > 0 ? null : laid.usedLengthMm }
  }
}
