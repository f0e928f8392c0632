import { type Minutes } from '@/core/prepare/minutes'
import { type PlannedStep } from '@/core/prepare/prepare'
import { type Window } from '@/core/prepare/window'
import { whyNotThen } from '../whyNot'

/** Steps are put at times so far apart, minutes. */
const GRID = 10

/** A time on the grid. */
export const snapToGrid = (at: Minutes): Minutes => Math.round(at / GRID) * GRID

interface Asked {
  step: Pick<PlannedStep, 'hands' | 'use' | 'kind'>
  now: Minutes
  free: readonly Window[]
  /** By the grid, or to the beginning of another free time. */
  by: 'grid' | 'window'
}

/** The next time beyond one at which a step finds enough free time; undefined: none in the plan. */
export function placeBeyond(from: Minutes, to: 'earlier' | 'later', asked: Asked): Minutes | undefined {
  const isBeyond = (at: Minutes) => (to === 'later' ? at > from : at < from)
  const fits = (at: Minutes) => whyNotThen({ ...asked, at }) === undefined
  const places = asked.free.flatMap((window) => placesIn(window, asked)).filter((at) => isBeyond(at) && fits(at))
  return to === 'later' ? places[0] : places.at(-1)
}

function placesIn({ start, end }: Window, { step, by, now }: Asked): Minutes[] {
  const first = Math.max(start, now)
  if (by === 'window') return [first]
  const onGrid = Math.ceil(first / GRID) * GRID
  const count = Math.max(0, Math.floor((end - step.hands - onGrid) / GRID) + 1)
  const grid = Array.from({ length: count }, (_, i) => onGrid + i * GRID)
  return first < onGrid ? [first, ...grid] : grid
}
