'use client'

import { proxy, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import { type LayAnswer, type LayTask } from '@/core/lay/types'
import { type LayJobs } from '@/workers/lay'

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
 * @param onBest takes every better lay; @param onDone takes the last
 */
export function useLay(onBest: (answer: LayAnswer) => void, onDone: (answer: LayAnswer) => void): Laying {
  const worker = useRef<Worker | null>(null)
  const [begun, setBegun] = useState<number | null>(null)
  const [since, setSince] = useState(0)
  const [trouble, setTrouble] = useState('')
  const stop = useCallback(() => {
    worker.current?.terminate()
    worker.current = null
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
      const made = new Worker(new URL('../../../workers/lay.ts', import.meta.url), { type: 'module' })
      worker.current = made
      made.onerror = () => {
        setTrouble('This browser could not lay it out.')
        stop()
      }
      const isMine = () => worker.current === made
      const best = proxy((answer: LayAnswer) => {
        if (isMine()) onBest(answer)
      })
      wrap<LayJobs>(made)
        .lay(task, seconds, best)
        .then((answer) => {
          if (!isMine()) return
          onDone(answer)
          stop()
        })
        .catch((error: unknown) => {
          if (!isMine()) return
          setTrouble(error instanceof Error ? error.message : 'It could not be laid out.')
          stop()
        })
    },
    [onBest, onDone, stop],
  )
  return { isRunning: begun !== null, since, trouble, start, stop }
}
