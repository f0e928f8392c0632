'use client'

import styled from 'styled-components'
import { useState, type KeyboardEvent } from 'react'
import { type ThreadCount } from '@/core/loupe/count'
import { compareCounts, countByMarks, NEAR_THREADS } from '@/core/loupe/overlay'
import { countNoun as manyOf, withDoubt } from '@/core/units/format'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { Actions, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { type PictureView } from '../../../shared/picture/jobs'
import { PictureStage, withinStage, type Spot } from '../../../shared/picture/Stage'
import { usePicture, type Picture } from '../../../shared/picture/usePicture'
import { Working } from '../../../shared/picture/Working'
import { type Readings } from '../../../shared/readings/useReadings'
import { itemAt, mustHave } from '@/core/lists/items'

type Which = 'ends' | 'picks'
/** Shown from near where nothing was counted yet, cm. */
const Near = styled.div`
  .against {
    mix-blend-mode: difference;
  }
`
const Line = styled.span`
  display: block;
`
const NEAR_CM = 1
const STEP = 1 / 200

type Marks = Readonly<Record<Which, readonly Spot[]>>

/** Marks on the threads of a picture from near, and what they come to. */
function useMarks(picture: Picture, perCm: number, counted: ThreadCount | null) {
  const work = usePicture()
  const [near, setNear] = useState<PictureView | null>(null)
  const [which, setWhich] = useState<Which>('ends')
  const [marks, setMarks] = useState<Record<Which, Spot[]>>({ ends: [], picks: [] })
  const [cursor, setCursor] = useState<Spot | null>(null)
  const open = async () => {
    const threads = counted ? Math.min(...counted.sets.map(({ threadsPerCm }) => threadsPerCm)) : null
    const view = await work.near(picture.file, threads ? (NEAR_THREADS / threads) * perCm : NEAR_CM * perCm)
    if (view) {
      setNear(view)
      setCursor({ x: view.left + view.width / 2, y: view.top + view.height / 2 })
    }
  }
  const add = (spot: Spot) => setMarks((before) => ({ ...before, [which]: [...before[which], spot] }))
  const takeBack = () => setMarks((before) => ({ ...before, [which]: before[which].slice(0, -1) }))
  const counts = { ends: countByMarks(marks.ends, perCm), picks: countByMarks(marks.picks, perCm) }
  const keys = (event: KeyboardEvent) => {
    if (!near || !cursor) return
    const by = near.width * STEP * (event.shiftKey ? 8 : 1)
    const steps: Record<string, [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    }
    const step = steps[event.key]
    if (step) setCursor(withinStage(near, { x: cursor.x + step[0], y: cursor.y + step[1] }))
    else if (event.key === 'Enter' || event.key === ' ') add(cursor)
    else if (event.key === 'Backspace') takeBack()
    else return
    event.preventDefault()
  }
  return { work, near, open, which, setWhich, marks, add, takeBack, counts, cursor, keys }
}

/**
 * Counting by hand: a mark on one thread after another, straight across them; held against what was counted from the
 * picture.
 */
export function HandCount({
  picture,
  perCm,
  counted,
  readings,
}: {
  picture: Picture
  perCm: number
  counted: ThreadCount | null
  readings: Readings
}) {
  const { work, near, open, which, setWhich, marks, add, takeBack, counts, cursor, keys } = useMarks(
    picture,
    perCm,
    counted,
  )
  return (
    <Paper aria-labelledby="by-hand">
      <h2 id="by-hand">Count by hand</h2>
      {near === null ? (
        <>
          <Soft>
            Mark one thread after another, straight across. To count with a loupe on the fabric itself, enter the
            number under Yarns.
          </Soft>
          <Actions>
            <Button onPress={() => void open()}>Zoom in and mark threads</Button>
          </Actions>
        </>
      ) : (
        <>
          <ChoiceField
            label="Mark"
            value={which}
            onChange={(value) => setWhich(value as Which)}
            options={[
              ['ends', 'the upright threads'],
              ['picks', 'the horizontal threads'],
            ]}
          />
          <MarkedNear {...{ near, marks, cursor, keys }} onSpot={add} />
          <CountsTold {...{ marks, counts, counted }} />
          <Actions>
            <StrongButton
              isDisabled={!counts.ends || !counts.picks || readings.saving}
              onPress={() =>
                readings.add({
                  kind: 'count',
                  how: 'hand',
                  endsPerCm: mustHave(counts.ends).value,
                  picksPerCm: mustHave(counts.picks).value,
                  skewDeg: null,
                  twillAngleDeg: null,
                  picture: null,
                })
              }
            >
              Save hand count
            </StrongButton>
            <QuietButton isDisabled={marks[which].length === 0} onPress={takeBack}>
              Undo the last mark
            </QuietButton>
          </Actions>
        </>
      )}
      <Working work={work} />
    </Paper>
  )
}

/** The picture from near, its marks, and the cross that the arrows move. */
function MarkedNear({
  near,
  marks,
  cursor,
  keys,
  onSpot,
}: {
  near: PictureView
  marks: Marks
  cursor: Spot | null
  keys: (event: KeyboardEvent) => void
  onSpot: (spot: Spot) => void
}) {
  return (
    <Near
      role="application"
      aria-label="Threads zoomed in: arrows move the cross, Enter sets a mark, Backspace removes the last one"
      tabIndex={0}
      onKeyDown={keys}
    >
      <PictureStage view={near} label="The middle of the photo, zoomed in" onSpot={onSpot}>
        {(['ends', 'picks'] as const).flatMap((set) =>
          marks[set].map((spot, index) => (
            <g key={`${set}${index}`} transform={`translate(${spot.x} ${spot.y})`}>
              <circle
                r={near.width / 90}
                fill={set === 'ends' ? '#ffd23f' : '#59d7ff'}
                stroke="#000"
                strokeWidth={near.width / 500}
              />
            </g>
          )),
        )}
        {cursor ? (
          <path
            d={
              `M${cursor.x - near.width / 30} ${cursor.y}h${near.width / 15}M${cursor.x} ` +
              `${cursor.y - near.width / 30}v${near.width / 15}`
            }
            stroke="#fff"
            strokeWidth={near.width / 300}
            className="against"
          />
        ) : null}
      </PictureStage>
    </Near>
  )
}

/** How many threads a cm the marks come to, beside what was counted from the picture. */
function CountsTold({
  marks,
  counts,
  counted,
}: {
  marks: Marks
  counts: Readonly<Record<Which, ReturnType<typeof countByMarks>>>
  counted: ThreadCount | null
}) {
  return (
    <>
      <p role="status">
        {(['ends', 'picks'] as const).map((set) => (
          <Line key={set}>
            {set === 'ends' ? 'Upright' : 'Horizontal'}: {manyOf(marks[set].length, 'mark')}
            {counts[set] ? `, ${withDoubt(counts[set])} per cm` : ', you need three or more'}
          </Line>
        ))}
      </p>
      {counted
        ? (['ends', 'picks'] as const).map((set, index) =>
            counts[set] ? (
              <Compared
                key={set}
                name={set === 'ends' ? 'upright' : 'horizontal'}
                outcome={compareCounts(counts[set], itemAt(counted.sets, index).threadsPerCm)}
              />
            ) : null,
          )
        : null}
    </>
  )
}

function Compared({ name, outcome: { agree, ratio } }: { name: string; outcome: ReturnType<typeof compareCounts> }) {
  if (agree) return <Callout $tone="good">Your count and the photo agree on the {name} threads.</Callout>
  return (
    <Callout $tone="warn">
      They disagree on the {name} threads
      {ratio ? `, by about ${ratio} times: pairs of threads, or stripes, were counted as one` : ''}. Trust your marks
      if each is on one thread.
    </Callout>
  )
}
