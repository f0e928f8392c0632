'use client'

import { useEffect, useState } from 'react'

const TICK_MS = 100

/** A watch: starts and stops with one call, and then hands over the seconds. */
export function useStopwatch(): { seconds: number; running: boolean; toggle: () => number | null } {
  const [startedAt, setStartedAt] = useState<number | null>(null)
  const [seconds, setSeconds] = useState(0)
  useEffect(() => {
    if (startedAt === null) return
    const timer = setInterval(() => setSeconds((performance.now() - startedAt) / 1000), TICK_MS)
    return () => clearInterval(timer)
  }, [startedAt])
  const toggle = () => {
    if (startedAt === null) {
      setSeconds(0)
      setStartedAt(performance.now())
      return null
    }
    const taken = (performance.now() - startedAt) / 1000
    setSeconds(taken)
    setStartedAt(null)
    return taken
  }
  return { seconds, running: startedAt !== null, toggle }
}
