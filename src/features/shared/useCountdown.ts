'use client'

import { useEffect, useState } from 'react'
import { useStored } from './useStored'

/** How often what is left is looked at, ms. */
const TICK_MS = 500

export interface Countdown {
  /** Null: not begun. */
  secondsLeft: number | null
  /** Since it began; 0 where it has not. */
  secondsGone: number
  start: (minutes: number) => void
  stop: () => void
}

/**
 * A timer that goes on when the page is left, and is there again in any window of this browser. Past its end it counts
 * on below nothing: wet cloth does not wait.
 * @param name a timer's own
 */
export function useCountdown(name: string): Countdown {
  const [stored, keep] = useStored(`timer-${name}`, 'browser')
  const [now, setNow] = useState(() => Date.now())
  const running = read(stored)
  const isRunning = running !== null
  useEffect(() => {
    if (!isRunning) return
    const tick = setInterval(() => setNow(Date.now()), TICK_MS)
    return () => clearInterval(tick)
  }, [isRunning])
  const gone = running ? Math.max(0, Math.floor((now - running.from) / 1000)) : 0
  return {
    secondsLeft: running && running.minutes * 60 - gone,
    secondsGone: gone,
    start(minutes) {
      const from = Date.now()
      setNow(from)
      keep(JSON.stringify({ from, minutes }))
    },
    stop: () => keep(null),
  }
}

interface Running {
  /** ms since 1970. */
  from: number
  minutes: number
}

function read(stored: string | null | undefined): Running | null {
  try {
    const { from, minutes } = JSON.parse(stored ?? 'null') as Partial<Running>
    return typeof from === 'number' && typeof minutes === 'number' ? { from, minutes } : null
  } catch {
    return null
  }
}
