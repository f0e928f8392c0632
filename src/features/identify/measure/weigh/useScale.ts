'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { readScaleLine } from '@/core/measure/scale/line'
import { type ScalePort } from '@/devices/scale/port'
import { settleWeighings, type ScaleMoment, type Settled } from '@/core/measure/scale/settle'

const KEPT_MOMENTS = 100

export interface LiveScale {
  /** The last weight shown, g; null before the first. */
  shown: ScaleMoment | null
  settled: Settled
  trouble: string | undefined
  tare: () => Promise<void>
}

/** Listens to a scale as long as it is plugged in; a new port closes the one before. */
export function useScale(port: ScalePort | null): LiveScale {
  const [moments, setMoments] = useState<ScaleMoment[]>([])
  const [trouble, setTrouble] = useState<string>()
  const open = useRef<Promise<void>>(Promise.resolve())
  useEffect(() => {
    if (!port) return
    let gone = false
    open.current = open.current
      .then(() =>
        port.open((line) => {
          const read = readScaleLine(line)
          if (read && !gone)
            setMoments((before) => [...before.slice(1 - KEPT_MOMENTS), { ...read, atMs: performance.now() }])
        }),
      )
      .catch((error: unknown) => {
        if (!gone) setTrouble(error instanceof Error ? error.message : 'We can’t connect to the scale.')
      })
    return () => {
      gone = true
      setMoments([])
      setTrouble(undefined)
      open.current = open.current.then(() => port.close()).catch(() => {})
    }
  }, [port])
  const tare = useCallback(async () => {
    if (port && !(await port.tare())) setTrouble('This scale can’t be set from here: press its own zero button.')
  }, [port])
  return { shown: moments.at(-1) ?? null, settled: settleWeighings(moments), trouble, tare }
}
