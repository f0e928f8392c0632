'use client'

import { useState } from 'react'
import { writtenAt, type Minutes } from '@/core/prepare/minutes'
import { STEP_KIND_WORDS } from '@/core/prepare/stepWords'
import { type Window } from '@/core/prepare/window'
import { Button } from '@/ui/kit/buttons'
import { Actions, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useDates } from '../../../shared/settings/useDates'
import { minuteWords, projectsWords } from '../words'
import { A_DAY, midnightOf, timeAxis, type TimeAxis } from './axis'
import { lanesOf, LANE_WORDS, type TimedBlock, type Lane, type LaneRows } from './lanes'
import { DayMark, FreeTime, Ghost, LaneBand, Scroll, WeekSheet } from './pictureStyles'
import { markOf } from './projectMarks'
import { StepBlock } from './StepBlock'
import { useArrows } from './useArrows'
import { useMoving } from './useMoving'

/** So many days are drawn at once. */
const DAYS = 7
/** Room beside the names of the lanes, pixels: a wide page. */
const ROOM = 1050
/** The hours of a free time stand so high in the head, pixels. */
const HOURS = 18
/** Heights, pixels. */
const [HEAD, HANDS_ROW, WAIT_ROW, BETWEEN] = [48, 48, 22, 8]

interface Props {
  blocks: readonly TimedBlock[]
  now: Minutes
  free: readonly Window[]
  chosen: string | undefined
  onChoose: (key: string) => void
}

/**
 * A week as a picture: days along the top, a lane for the hands and one for each machine, free time as the light
 * ground.
 * A step is chosen by a press or by the arrow keys, moved by dragging or by Shift and the arrows.
 */
export function WeekPicture({ blocks, now, free, chosen, onChoose }: Props) {
  const today = midnightOf(now)
  const [week, setWeek] = useState(0)
  const from = today + week * DAYS * A_DAY
  const axis = timeAxis(from, DAYS, free, ROOM)
  const moving = useMoving(axis, { now, free })
  const lanes = lanesOf(blocks, from, from + DAYS * A_DAY)
  const last = Math.max(today, ...blocks.map(({ end }) => end))
  const { dateText, weekdayText } = useWords()
  return (
    <section aria-label="Week">
      <Actions>
        <Button isDisabled={week === 0} onPress={() => setWeek(week - 1)}>
          Earlier week
        </Button>
        <Button isDisabled={from + DAYS * A_DAY > last} onPress={() => setWeek(week + 1)}>
          Later week
        </Button>
        <Soft id="how-to-move">
          Drag a step to move it, or choose it by the arrow keys and move it by Shift and the arrows.
        </Soft>
      </Actions>
      <Scroll>
        <WeekSheet style={{ width: axis.width, height: laidOut(lanes).height }} aria-describedby="how-to-move">
          {axis.days.map((day) => (
            <DayMark
              key={day.at}
              style={{ left: day.x, width: day.width }}
              data-today={day.at === today}
              title={weekdayText(writtenAt(day.at))}
            >
              {day.at === today ? 'Today' : dateText(day.at)}
            </DayMark>
          ))}
          {axis.free.map(({ start, end }) => (
            <FreeTime
              key={start}
              aria-hidden
              style={{ left: axis.xOf(start), width: axis.xOf(end) - axis.xOf(start), top: HEAD - HOURS }}
            >
              <i>{writtenAt(start).slice(11)}</i>
              <i>{writtenAt(end).slice(11)}</i>
            </FreeTime>
          ))}
          <Steps
            {...{ lanes, chosen, onChoose, moving, axis }}
            label={(block) => labelOf(block, weekdayText(writtenAt(block.start)))}
          />
        </WeekSheet>
      </Scroll>
      <p className="visually-hidden" role="status">
        {moving.told}
      </p>
      <Trouble>{moving.draft?.why ?? moving.trouble}</Trouble>
    </section>
  )
}

function useWords() {
  const { weekdayText } = useDates()
  const dateText = (at: Minutes) => {
    const [weekday = '', ...rest] = weekdayText(writtenAt(at)).split(' ')
    return `${weekday.slice(0, 3)} ${rest.find((word) => /^\d/.test(word)) ?? ''}`
  }
  return { weekdayText, dateText }
}

/** Where each row stands, pixels from the top. */
function laidOut(lanes: readonly LaneRows[]): { tops: Map<Lane, number>; height: number } {
  const tops = new Map<Lane, number>()
  let y = HEAD + BETWEEN
  for (const { lane, rows } of lanes) {
    tops.set(lane, y)
    y += Math.max(1, rows.length) * (lane === 'hands' ? HANDS_ROW : WAIT_ROW) + BETWEEN + LANE_NAME
  }
  return { tops, height: y }
}

/** The name of a lane over its rows, pixels. */
const LANE_NAME = 23

interface StepsProps extends Pick<Props, 'chosen' | 'onChoose'> {
  lanes: readonly LaneRows[]
  axis: TimeAxis
  moving: ReturnType<typeof useMoving>
  label: (block: TimedBlock) => string
}

function Steps({ lanes, axis, chosen, onChoose, moving, label }: StepsProps) {
  const { tops } = laidOut(lanes)
  // Whatever needs no hands can be chosen in the lane that it waits in.
  const inOrder = lanes.flatMap(({ lane, rows }) =>
    rows.flat().filter(({ step }) => (lane === 'hands') === step.hands > 0),
  )
  inOrder.sort((a, b) => a.start - b.start)
  const keys = useArrows(
    inOrder.map(({ key }) => key),
    { chosen, onChoose },
  )
  const { draft } = moving
  const lifted = inOrder.find(({ key }) => key === draft?.key)
  return (
    <>
      {lanes.map(({ lane, rows }) => {
        const top = tops.get(lane) ?? 0
        const height = lane === 'hands' ? HANDS_ROW : WAIT_ROW
        return (
          <div key={lane} role="group" aria-label={LANE_WORDS[lane]}>
            <LaneBand aria-hidden style={{ top }}>
              <span>{LANE_WORDS[lane]}</span>
            </LaneBand>
            {rows.flatMap((row, i) =>
              row.map((block) => (
                <StepBlock
                  key={block.key}
                  {...{ block, lane, axis, keys, moving, label }}
                  isChosen={block.key === chosen}
                  top={top + LANE_NAME + i * height}
                  onChoose={() => onChoose(block.key)}
                />
              )),
            )}
          </div>
        )
      })}
      {lifted && draft ? (
        <Ghost
          aria-hidden
          data-wrong={draft.why !== undefined}
          style={{
            left: axis.xOf(draft.at),
            top: (tops.get('hands') ?? 0) + LANE_NAME,
            width: Math.max(14, axis.xOf(draft.at + lifted.handsEnd - lifted.start) - axis.xOf(draft.at)),
            ...markOf(lifted.project),
          }}
        >
          {writtenAt(draft.at).slice(11)}
        </Ghost>
      ) : null}
    </>
  )
}

function labelOf({ step, plan, parts, start, handsEnd }: TimedBlock, day: string): string {
  const who = projectsWords(parts.map((part) => part.plan.name))
  const hands = handsEnd > start ? `, ${minuteWords(handsEnd - start)}` : ''
  const placed = plan.placed.includes(step.id) ? '. Put there by you' : ''
  return `${STEP_KIND_WORDS[step.kind]}, ${who}, ${day} at ${writtenAt(start).slice(11)}${hands}${placed}`
}
