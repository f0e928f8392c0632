'use client'

import { useEffect, useRef } from 'react'
import { type PlannedStep } from '@/core/prepare/prepare'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { Actions, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { useCountdown, type Countdown } from '../../shared/useCountdown'
import { minuteWords } from './words'

interface Props {
  projectId: string
  step: Pick<PlannedStep, 'id' | 'hands' | 'wait'>
  /** The watch of the work itself, which also says how long it took. */
  work: Countdown
}

/** A watch for the work, and a timer for what runs by itself: both go on when the page is left. */
export function StepTimer({ projectId, step: { id, hands, wait }, work }: Props) {
  const waiting = useCountdown(`${projectId} ${id} waiting`)
  const [low] = wait
  if (hands === 0 && low === 0) return null
  return (
    <Stack $gap="0.5rem">
      {hands > 0 ? (
        <OneTimer timer={work} minutes={hands} begin="Time the work" over="The planned time is over" />
      ) : null}
      {low > 0 ? (
        <OneTimer timer={waiting} minutes={low} begin="Time the wait" over="The wait is over: check it" />
      ) : null}
    </Stack>
  )
}

interface OneProps {
  timer: Countdown
  minutes: number
  begin: string
  over: string
}

function OneTimer({ timer: { secondsLeft, start, stop }, minutes, begin, over }: OneProps) {
  useSoundWhen(secondsLeft !== null && secondsLeft <= 0)
  if (secondsLeft === null)
    return (
      <Actions>
        <Button onPress={() => start(minutes)}>
          {begin} ({minuteWords(minutes)})
        </Button>
      </Actions>
    )
  const isOver = secondsLeft <= 0
  return (
    <Actions>
      <span role="timer" aria-label={begin}>
        {clockWords(Math.abs(secondsLeft))} {isOver ? 'over' : 'to go'}
      </span>
      <QuietButton onPress={stop}>Stop</QuietButton>
      {isOver ? (
        <Callout $tone="good" role="alert">
          {over}.
        </Callout>
      ) : (
        <Soft>It keeps running when you leave this page.</Soft>
      )}
    </Actions>
  )
}

/** Once, as it comes true; a browser that may not sound is silent. */
function useSoundWhen(isTrue: boolean): void {
  const wasTrue = useRef(isTrue)
  useEffect(() => {
    if (isTrue && !wasTrue.current) sound()
    wasTrue.current = isTrue
  }, [isTrue])
}

/** Hz, and s. */
const [PITCH, LASTS] = [660, 0.6]

function sound(): void {
  try {
    const context = new AudioContext()
    const tone = context.createOscillator()
    tone.frequency.value = PITCH
    tone.connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + LASTS)
    tone.onended = () => void context.close()
  } catch {
    // The words are there all the same.
  }
}

/** Hours only where there are any: 1:05:00, 4:09. */
export function clockWords(seconds: number): string {
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60]
  const two = (value: number) => String(value).padStart(2, '0')
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`
}
