'use client'

import { type KeyboardEvent } from 'react'
import { STEP_KIND_WORDS } from '@/core/prepare/stepWords'
import { type TimeAxis } from './axis'
import { type TimedBlock, type Lane } from './lanes'
import { HandsBar, WaitBar } from './pictureStyles'
import { markOf } from './projectMarks'
import { type Arrows } from './useArrows'
import { type useMoving } from './useMoving'

interface Props {
  block: TimedBlock
  lane: Lane
  axis: TimeAxis
  keys: Arrows
  moving: ReturnType<typeof useMoving>
  label: (block: TimedBlock) => string
  isChosen: boolean
  top: number
  onChoose: () => void
}

/** So narrow that no word fits, pixels. */
const NO_WORD = 34

/** A step in one lane: a button where hands are at work, or where it has no work; its wait beside it is a picture. */
export function StepBlock({ block, lane, axis, keys, moving, label, isChosen, top, onChoose }: Props) {
  const isHands = lane === 'hands'
  const [start, end] = isHands ? [block.start, block.handsEnd] : [block.handsEnd, block.end]
  const [left, right] = [axis.xOf(start), axis.xOf(end)]
  const place = { left, top, width: Math.max(isHands ? 9 : 4, right - left - 1), ...markOf(block.project) }
  const name = right - left > NO_WORD ? STEP_KIND_WORDS[block.step.kind] : ''
  if (!isHands && block.step.hands > 0)
    return (
      <WaitBar aria-hidden style={place} data-chosen={isChosen}>
        {name}
      </WaitBar>
    )
  const As = isHands ? HandsBar : WaitBar
  return (
    <As
      as="button"
      type="button"
      ref={keys.ref(block.key)}
      style={place}
      tabIndex={block.key === keys.current ? 0 : -1}
      aria-label={label(block)}
      aria-pressed={isChosen}
      data-chosen={isChosen}
      data-lifted={moving.draft?.key === block.key}
      onClick={onChoose}
      onKeyDown={(event: KeyboardEvent) => {
        moving.onKeyDown(block)(event)
        keys.onKeyDown(block.key, event)
      }}
      {...moving.pointer(block)}
    >
      {name}
    </As>
  )
}
