import { serve } from './serve'
import { layOut, type BetterLay } from '@/core/lay/lay'
import { bySeconds } from '@/core/lay/search/budget'
import { type LayAnswer, type LayTask } from '@/core/lay/types'
import { bothLeanings, type Leaning } from '@/core/making/leaning'
import { savings, type Saving } from '@/core/making/short'
import { type UsedUp } from '@/core/making/leastLost'
import { usingUp, type UseUpCandidate, type ToUseUp } from '@/core/making/useUp'
import { byWidth, type WidthAsked } from '@/core/making/widths'

/** Between two best lays that are told, at least so long, ms: more often nobody sees. */
const TELL_EVERY = 300

const jobs = {
  /** Lays for so many seconds, and tells of every better lay meanwhile. To end it sooner, end the worker. */
  lay(task: LayTask, seconds: number, onBest: (best: LayAnswer) => void): LayAnswer {
    const search = layOut(
      task,
      bySeconds(seconds, () => performance.now()),
    )
    let toldAt = -Infinity
    let untold: BetterLay | undefined
    for (;;) {
      const { done, value } = search.next()
      if (done) return value
      untold = value ?? untold
      if (!untold || performance.now() - toldAt < TELL_EVERY) continue
      onBest(untold())
      untold = undefined
      toldAt = performance.now()
    }
  },
  /** What each width of a shop takes, told one by one. */
  widths(task: LayTask, onOne: (one: WidthAsked) => void): void {
    const { cloth, pieces } = task
    if (!cloth) return
    for (const one of byWidth(pieces, cloth)) onOne(one)
  },
  /** What would make it fit, told one by one. */
  savings(task: LayTask, neededMm: number, onOne: (one: Saving) => void): void {
    for (const one of savings(task, neededMm)) onOne(one)
  },
  /** By the threads and by a print that leans, told one by one. */
  leanings(task: LayTask, leanDeg: number, onOne: (one: Leaning) => void): void {
    for (const one of bothLeanings(task, leanDeg)) onOne(one)
  },
  /** Which patterns can be cut from odd pieces, told one by one. */
  usingUp(things: readonly ToUseUp[], candidates: readonly UseUpCandidate[], onOne: (one: UsedUp) => void): void {
    for (const one of usingUp(things, candidates)) onOne(one)
  },
}
export type LayJobs = typeof jobs

serve(jobs)
