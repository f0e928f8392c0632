'use client'

import { proxy, type Remote } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import { type LayJobs } from '@/workers/lay'
import { Cancelled, runIn, type Running } from '../../shared/runIn'

/** What a job tells on its way, unless it was stopped or another was begun meanwhile. */
export type Tell = <A extends unknown[]>(heard: (...told: A) => void) => (...told: A) => void

/** One job of laying out at a time, in a worker of its own; to stop it ends the worker. */
export function useLayJob() {
  const current = useRef<Running<void> | null>(null)
  const [isRunning, setRunning] = useState(false)
  const [trouble, setTrouble] = useState('')
  const stop = useCallback(() => {
    current.current?.cancel()
    current.current = null
    setRunning(false)
  }, [])
  useEffect(() => stop, [stop])
  const start = useCallback(
    (work: (jobs: Remote<LayJobs>, tell: Tell) => Promise<void>) => {
      stop()
      setTrouble('')
      setRunning(true)
      const worker = new Worker(new URL('../../../workers/lay.ts', import.meta.url), { type: 'module' })
      const isMine = () => current.current === mine
      const tell: Tell = (heard) => proxy((...told) => (isMine() ? heard(...told) : undefined))
      const mine: Running<void> = runIn<LayJobs, void>(
        worker,
        (jobs) => work(jobs, tell),
        'This browser could not make the layout.',
      )
      current.current = mine
      const over = (said: string) => {
        if (!isMine()) return
        setTrouble(said)
        stop()
      }
      mine.answer.then(
        () => over(''),
        (error: unknown) => {
          if (error instanceof Cancelled) return
          over(error instanceof Error ? error.message : 'We could not make the layout.')
        },
      )
    },
    [stop],
  )
  return { isRunning, trouble, start, stop }
}
