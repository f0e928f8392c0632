'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { type ThreadSet } from '@/core/loupe/count'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Figures, Callout, Soft } from '@/ui/kit/surfaces'
import { type Readings } from '../../../shared/readings/useReadings'
import { type Counted } from '../../../shared/picture/jobs'
import { PictureStage } from '../../../shared/picture/Stage'
import { countWords } from './words'
import { itemAt } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

/** Upright threads, and level ones. */
const SETS = [
  { name: 'upright', colour: '#ffd23f' },
  { name: 'horizontal', colour: '#59d7ff' },
] as const

const Swatch = styled.i<{ $colour: string }>`
  display: inline-block;
  width: 1.4rem;
  height: 0.35rem;
  border: 1px solid var(--ink);
  background: ${({ $colour }) => $colour};
`

/** The found threads over the picture, their numbers, and what they say. */
export function CountedThreads({
  result,
  picture,
  readings,
}: {
  result: Counted
  /** What was counted: it is kept with the count. */
  picture: Blob
  readings: Readings
}) {
  const { count, lines, view } = result
  const [shown, setShown] = useState<readonly boolean[]>([true, true])
  const show = (set: number, isShown: boolean) => setShown(shown.map((was, index) => (index === set ? isShown : was)))
  return (
    <>
      <PictureStage view={view} label="The middle of the photo, with the counted threads drawn over it">
        {SETS.map(({ colour }, set) =>
          shown[set] ? (
            <path
              key={colour}
              d={itemAt(lines, set)
                .map(({ from, to }) => `M${from.x} ${from.y}L${to.x} ${to.y}`)
                .join('')}
              stroke={colour}
              strokeWidth={view.width / 420}
              strokeOpacity=".85"
              fill="none"
            />
          ) : null,
        )}
      </PictureStage>
      <Soft>
        Each line should lie on one thread. If two threads share a line, or one thread has two, trust your eye and
        count by hand.
      </Soft>
      <Numbers sets={count.sets} shown={shown} onShow={show} />
      <p role="status">{countWords(count)}</p>
      {count.warnings.map((warning) => (
        <Callout key={warning} $tone="warn">
          {warning}
        </Callout>
      ))}
      <Actions>
        <StrongButton
          isDisabled={readings.saving}
          onPress={() =>
            readings.add(
              {
                kind: 'count',
                how: 'picture',
                endsPerCm: count.sets[0].threadsPerCm,
                picksPerCm: count.sets[1].threadsPerCm,
                skewDeg: Math.min(45, count.skewDeg),
                twillAngleDeg: count.twillAngleDeg,
                picture: null,
              },
              undefined,
              picture,
            )
          }
        >
          Save count
        </StrongButton>
      </Actions>
      <Soft>
        <Say>We save the upright threads as the warp: turn the photo so that the selvedge is upright.</Say>
      </Soft>
    </>
  )
}

interface NumbersProps {
  sets: readonly ThreadSet[]
  shown: readonly boolean[]
  onShow: (set: number, isShown: boolean) => void
}

function Numbers({ sets, shown, onShow }: NumbersProps) {
  return (
    <Figures>
      <thead>
        <tr>
          <th>Threads</th>
          <th>per cm</th>
          <th>per inch</th>
          <th>turned</th>
          <th>lines</th>
        </tr>
      </thead>
      <tbody>
        {sets.map((set, index) => {
          const { name, colour } = itemAt(SETS, index)
          return (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{set.threadsPerCm.toFixed(1)}</td>
              <td>{set.threadsPerInch.toFixed(0)}</td>
              <td>{turnOf(set, index).toFixed(1)}°</td>
              <td>
                <label>
                  <input
                    type="checkbox"
                    checked={shown[index]}
                    onChange={(event) => onShow(index, event.target.checked)}
                  />{' '}
                  <Swatch aria-hidden $colour={colour} />{' '}
                  <span className="visually-hidden">{`Show the ${name} lines`}</span>
                </label>
              </td>
            </tr>
          )
        })}
      </tbody>
    </Figures>
  )
}

/** How far a set is turned from upright or level, degrees. */
function turnOf({ angleDeg }: ThreadSet, index: number): number {
  if (index === 0) return angleDeg
  return angleDeg > 0 ? angleDeg - 90 : angleDeg + 90
}
