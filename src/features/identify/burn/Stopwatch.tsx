'use client'

import { useEffect, useRef } from 'react'
import styled from 'styled-components'
import { Button } from '@/ui/kit/buttons'
import { Soft } from '@/ui/kit/surfaces'
import { isTyping } from '../../shared/isTyping'
import { useStopwatch } from '../../shared/useStopwatch'

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
  const { seconds, running, toggle } = useStopwatch()
  const press = () => {
    const taken = toggle()
    if (taken !== null) onTimed(Math.round(taken * 10) / 10)
  }
  const latest = useRef(press)
  useEffect(() => {
    latest.current = press
  })
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.key !== 't' && event.key !== 'T') || event.ctrlKey || event.metaKey || event.altKey || event.repeat)
        return
      if (isTyping(event.target)) return
      latest.current()
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  const shown = running ? seconds : kept
  return (
    <Row role="group" aria-label={`Stopwatch: ${what}`}>
      <Button onPress={press}>{running ? 'Now (T)' : `Time it ${what} (T)`}</Button>
      {shown === null ? null : <output aria-live="off">{shown.toFixed(1)} s</output>}
      {!running && kept !== null ? <Soft role="status">{means(kept)}</Soft> : null}
    </Row>
  )
}
