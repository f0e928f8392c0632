'use client'

import { useEffect, useRef, useState } from 'react'
import styled from 'styled-components'
import { Button } from '@/ui/controls/buttons'
import { Soft } from '@/ui/controls/surfaces'

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.9rem;
  button {
    min-height: 56px;
  }
  output {
    font-size: 1.6rem;
    font-variant-numeric: tabular-nums;
    min-width: 5.5ch;
  }
`

const TICK_MS = 100

interface Props {
  /** What is timed, as it stands on the button: `until it catches`. */
  what: string
  /** What was timed before, seconds. */
  kept: number | null
  onTimed: (seconds: number) => void
  /** What the time means, in words. */
  means: (seconds: number) => string
}

/** A watch that one key starts and stops: T, so that the other hand can hold the tongs. */
export function Stopwatch({ what, kept, onTimed, means }: Props) {
  const [since, setSince] = useState<number>()
  const [now, setNow] = useState(0)
  const press = () => {
    const time = performance.now()
    if (since === undefined) {
      setSince(time)
      setNow(time)
      return
    }
    setSince(undefined)
    onTimed(Math.round((time - since) / 100) / 10)
  }
  const latest = useRef(press)
  useEffect(() => {
    latest.current = press
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.key !== 't' && event.key !== 'T') || event.ctrlKey || event.metaKey || event.altKey || event.repeat)
        return
      if (event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)) return
      latest.current()
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  useEffect(() => {
    if (since === undefined) return
    const timer = setInterval(() => setNow(performance.now()), TICK_MS)
    return () => clearInterval(timer)
  }, [since])
  const shown = since === undefined ? kept : (now - since) / 1000
  return (
    <Row role="group" aria-label={`Stopwatch: ${what}`}>
      <Button onPress={press}>{since === undefined ? `Time it ${what} (T)` : 'Now (T)'}</Button>
      {shown === null ? null : <output aria-live="off">{shown.toFixed(1)} s</output>}
      {since === undefined && kept !== null ? <Soft role="status">{means(kept)}</Soft> : null}
    </Row>
  )
}
