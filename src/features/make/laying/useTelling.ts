'use client'

import { type Remote } from 'comlink'
import { useState } from 'react'
import { type LayJobs } from '@/workers/lay'
import { useLayJob } from './useLayJob'

/** A job that tells its answers one by one. */
export function useTelling<T>() {
  const { isRunning, trouble, start, stop } = useLayJob()
  const [told, setTold] = useState<T[] | null>(null)
  const ask = (work: (jobs: Remote<LayJobs>, onOne: (one: T) => void) => Promise<void>) => {
    setTold([])
    start((jobs, tell) =>
      work(
        jobs,
        tell((one: T) => setTold((before) => [...(before ?? []), one])),
      ),
    )
  }
  return { told, isRunning, trouble, ask, stop }
}
