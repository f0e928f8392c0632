import { type Drawdown } from './drafts'
import { itemAt } from '../lists/items'

/** Face and back: turned over left to right, warp up becomes weft up. */
export function backOf(drawdown: Drawdown): Drawdown {
  return drawdown.map((row) => [...row].reverse().map((up) => !up))
}

/** Share of the face that is warp, 0 … 1, for yarns of equal thickness and spacing. */
export function warpShare(drawdown: Drawdown): number {
  const crossings = drawdown.flat()
  return crossings.filter(Boolean).length / crossings.length
}

export interface Floats {
  /** The longest float over the face, in threads crossed, and their mean. */
  warp: { longest: number; mean: number }
  weft: { longest: number; mean: number }
}

/**
 * Lengths of the floats on the face, of a repeat that goes on for ever each way. A thread that never dives floats the
 * whole repeat.
 */
export function floatsOf(drawdown: Drawdown): Floats {
  const columns = itemAt(drawdown, 0).map((_, end) => drawdown.map((row) => itemAt(row, end)))
  return {
    warp: summary(columns.flatMap((column) => runsOf(column))),
    weft: summary(drawdown.flatMap((row) => runsOf(row.map((up) => !up)))),
  }
}

function summary(runs: readonly number[]): { longest: number; mean: number } {
  if (runs.length === 0) return { longest: 0, mean: 0 }
  return { longest: Math.max(...runs), mean: runs.reduce((sum, run) => sum + run, 0) / runs.length }
}

/** Lengths of the runs of `true` in a ring. */
function runsOf(ring: readonly boolean[]): number[] {
  const start = ring.findIndex((value, index) => value && !ring[(index - 1 + ring.length) % ring.length])
  if (start < 0) return ring[0] ? [ring.length] : []
  const runs: number[] = []
  for (let step = 0; step < ring.length; step++) {
    if (!ring[(start + step) % ring.length]) continue
    if (step === 0 || !ring[(start + step - 1) % ring.length]) runs.push(1)
    else runs[runs.length - 1] = itemAt(runs, runs.length - 1) + 1
  }
  return runs
}

/**
 * Angle of a twill line from the weft, degrees: tan θ = (ends per cm / picks per cm) × (rise in picks / run in ends).
 * Textbook formula; from memory.
 * @throws RangeError unless all are positive
 */
export function twillAngle(endsPerCm: number, picksPerCm: number, risePicks = 1, runEnds = 1): number {
  if (![endsPerCm, picksPerCm, risePicks, runEnds].every((value) => value > 0))
    throw new RangeError('twillAngle: needs thread counts and steps of more than zero')
  return (Math.atan((endsPerCm / picksPerCm) * (risePicks / runEnds)) * 180) / Math.PI
}

/** How a line runs through an interlacing: so many ends to the right for so many picks up; null where there is none. */
export interface TwillLine {
  risePicks: number
  runEnds: number
  /** Which way the line climbs on the face. */
  climbs: 'right' | 'left'
}

/** The line of a regular twill: each pick is the one before it, moved by the same one end. Plain weave has no line. */
export function twillLine(drawdown: Drawdown): TwillLine | null {
  const width = itemAt(drawdown, 0).length
  if (width < 3) return null
  const isMoved = (by: number) =>
    drawdown.every((row, pick) => {
      const next = itemAt(drawdown, (pick + 1) % drawdown.length)
      return row.every((up, end) => next[(((end + by) % width) + width) % width] === up)
    })
  if (isMoved(1)) return { risePicks: 1, runEnds: 1, climbs: 'right' }
  return isMoved(-1) ? { risePicks: 1, runEnds: 1, climbs: 'left' } : null
}
