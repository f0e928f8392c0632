'use client'

import { useCallback, useEffect, useState } from 'react'
import { type LayAnswer, type LayTask } from '@/core/lay/types'
import { useLayJob } from './useLayJob'

interface Laying {
  isRunning: boolean
  /** Seconds since it began. */
  since: number
  trouble: string
  start: (task: LayTask, seconds: number) => void
  stop: () => void
}

/**
 * Lays for some seconds; where it is stopped, what was best so far stands.
 * @param onBest takes every better lay, and the last, with the task that it is of
 */
export function useLay(onBest: (answer: LayAnswer, task: LayTask) => void): Laying {
  const { isRunning, trouble, start: startJob, stop } = useLayJob()
  const [since, setSince] = useState(0)
  useEffect(() => {
    if (!isRunning) return
    const begun = performance.now()
    const tick = setInterval(() => setSince((performance.now() - begun) / 1000), 250)
    return () => clearInterval(tick)
  }, [isRunning])
  const start = useCallback(
    (task: LayTask, seconds: number) => {
      setSince(0)
      startJob(async (jobs, tell) => {
        const take = tell((answer: LayAnswer) => onBest(answer, task))
        take(await jobs.lay(task, seconds, take))
      })
    },
    [onBest, startJob],
  )
  return { isRunning, since, trouble, start, stop }
}
