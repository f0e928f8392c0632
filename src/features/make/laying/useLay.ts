'use client'

import { proxy } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import { type LayAnswer, type LayTask } from '@/core/lay/types'
import { startJob, type Job } from './startJob'

interface Laying {
  isRunning: boolean
  /** Seconds since it began. */
  since: number
  trouble: string
  start: (task: LayTask, seconds: number) => void
  stop: () => void
}

/**
 * Lays in a worker of its own; to stop it ends the worker, and what was best so far stands.
 * @param onBest takes every better lay, and the last with the task that it is of
 */
export function useLay(onBest: (answer: LayAnswer, task: LayTask) => void): Laying {
  const job = useRef<Job | null>(null)
  const [begun, setBegun] = useState<number | null>(null)
  const [since, setSince] = useState(0)
  const [trouble, setTrouble] = useState('')
  const stop = useCallback(() => {
    job.current?.end()
    job.current = null
    setBegun(null)
  }, [])
  useEffect(() => stop, [stop])
  useEffect(() => {
    if (begun === null) return
    const tick = setInterval(() => setSince((performance.now() - begun) / 1000), 250)
    return () => clearInterval(tick)
  }, [begun])
  const start = useCallback(
    (task: LayTask, seconds: number) => {
      stop()
      setTrouble('')
      setSince(0)
      setBegun(performance.now())
      const made: Job = startJob(
        async (jobs) => {
          const take = (answer: LayAnswer) => {
            if (job.current === made) onBest(answer, task)
          }
          take(await jobs.lay(task, seconds, proxy(take)))
        },
        (said) => {
          if (job.current !== made) return
          setTrouble(said ?? '')
          stop()
        },
      )
      job.current = made
    },
    [onBest, stop],
  )
  return { isRunning: begun !== null, since, trouble, start, stop }
}
