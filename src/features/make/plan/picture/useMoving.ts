'use client'

import { useState, type KeyboardEvent, type PointerEvent } from 'react'
import { writtenAt, type Minutes } from '@/core/prepare/minutes'
import { type Window } from '@/core/prepare/window'
import { STEP_KIND_WORDS } from '@/core/prepare/stepWords'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { moveStep } from '../actions'
import { whyNotThen } from '../whyNot'
import { useDates } from '../../../shared/settings/useDates'
import { type TimeAxis } from './axis'
import { type TimedBlock } from './lanes'
import { placeBeyond, snapToGrid } from './places'

/** Something that is being moved and is not put down yet. */
export interface MovedStep {
  key: string
  at: Minutes
  /** Why it cannot go there, as far as the clock tells. */
  why: string | undefined
}

/** So far a pointer moves before it drags, pixels: less is a tap. */
const DRAGS = 5

/**
 * Moving a step earlier or later, by dragging or by keys: Shift and the arrows move it, Enter puts it down, Escape
 * leaves
 * it where it was. What was put down is planned by the server, which says why where it cannot be.
 */
export function useMoving(axis: TimeAxis, { now, free }: { now: Minutes; free: readonly Window[] }) {
  const { weekdayText } = useDates()
  const { busy, trouble, doing } = useAsyncAction()
  const [draft, setDraft] = useState<MovedStep | null>(null)
  const [told, setTold] = useState('')
  const [grip, setGrip] = useState<{ block: TimedBlock; x: number } | null>(null)
  const timeWords = (at: Minutes) => `${weekdayText(writtenAt(at))} at ${writtenAt(at).slice(11)}`
  const hold = (block: TimedBlock, at: Minutes) => {
    const why = whyNotThen({ step: stepFor(block), at, now, free })
    setDraft({ key: block.key, at, why })
    setTold(`${STEP_KIND_WORDS[block.step.kind]}: ${timeWords(at)}. ${why ?? ''}`)
  }
  const letGo = (words = '') => {
    setDraft(null)
    setGrip(null)
    setTold(words)
  }
  const putDown = (block: TimedBlock, at: Minutes) =>
    doing(async () => {
      const outcome = await moveStep(block.plan.id, block.step.id, writtenAt(at))
      const name = STEP_KIND_WORDS[block.step.kind]
      letGo(outcome.ok ? `${name} is now on ${timeWords(at)}.` : Object.values(outcome.errors).join(' '))
      return outcome
    })
  const keep = (block: TimedBlock) => {
    if (!draft || draft.key !== block.key) return
    if (draft.why !== undefined || draft.at === block.start) letGo(draft.why)
    else putDown(block, draft.at)
  }
  /** Moves it to the next place that has time for it. */
  const nudge = (block: TimedBlock, to: 'earlier' | 'later', step: 'grid' | 'window') => {
    const from = draft?.key === block.key ? draft.at : block.start
    return placeBeyond(from, to, { step: stepFor(block), now, free, by: step })
  }
  const onKeyDown = (block: TimedBlock) => (event: KeyboardEvent) => {
    const isHeld = draft?.key === block.key
    if (event.shiftKey && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault()
      const at = nudge(block, event.key === 'ArrowLeft' ? 'earlier' : 'later', 'grid')
      if (at === undefined) setTold('There is no free time beyond that.')
      else hold(block, at)
    } else if (isHeld && (event.key === 'Enter' || event.key === 'Escape')) {
      event.preventDefault()
      if (event.key === 'Enter') keep(block)
      else letGo('Left where it was.')
    }
  }
  const pointer = (block: TimedBlock) => ({
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0 || busy) return
      setGrip({ block, x: event.clientX })
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      if (grip?.block.key !== block.key) return
      const far = event.clientX - grip.x
      if (draft === null && Math.abs(far) < DRAGS) return
      event.currentTarget.setPointerCapture(event.pointerId)
      hold(block, snapToGrid(axis.atX(axis.xOf(block.start) + far)))
    },
    onPointerUp: () => {
      setGrip(null)
      keep(block)
    },
    onPointerCancel: () => letGo(),
  })
  return { draft, told, trouble, busy, onKeyDown, pointer, putDown, nudge }
}

/** Shopping for several takes the time of all. */
const stepFor = ({ step, start, handsEnd }: TimedBlock) => ({ ...step, hands: handsEnd - start })
