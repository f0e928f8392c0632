'use client'

import { useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { writtenAt, type Minutes } from '@/core/prepare/minutes'
import { useDates } from '../../../shared/settings/useDates'
import { A_DAY, midnightOf } from './axis'
import { type TimedBlock } from './lanes'
import { markOf } from './projectMarks'
import { minuteWords } from '../words'

const DAYS = 7
/** Work of a whole bar, minutes. */
const FULL = 180

const Strip = styled.div`
  display: grid;
  grid-template-columns: repeat(${DAYS}, minmax(0, 1fr));
  gap: 3px;
  button {
    display: grid;
    justify-items: center;
    gap: 2px;
    min-height: 5.6rem;
    padding: 0.3rem 0 0;
    align-content: space-between;
    background: var(--paper);
    color: var(--ink);
    border: 1px solid var(--line);
    border-radius: 3px;
    font: inherit;
  }
  button[aria-pressed='true'] {
    border: 2px solid var(--ink);
    background: var(--paper-deep);
  }
  button:focus-visible {
    outline: 3px solid var(--madder);
  }
  b {
    font-size: 1.15rem;
  }
  .work {
    width: 100%;
    display: grid;
    align-content: end;
    height: 2.2rem;
  }
  .work i {
    background: var(--own);
    display: block;
  }
`

/** A week as seven days with their work as a bar; the day that was chosen beneath. */
export function WeekStrip({
  blocks,
  now,
  children,
}: {
  blocks: readonly TimedBlock[]
  now: Minutes
  children: (day: Minutes) => ReactNode
}) {
  const { weekdayText } = useDates()
  const today = midnightOf(now)
  const [day, setDay] = useState(() => Math.min(midnightOf(blocks[0]?.start ?? today), today + (DAYS - 1) * A_DAY))
  return (
    <>
      <Strip role="group" aria-label="Week">
        {Array.from({ length: DAYS }, (_, i) => today + i * A_DAY).map((at) => {
          const own = blocks.filter(({ start }) => midnightOf(start) === at)
          const hands = own.reduce((sum, { start, handsEnd }) => sum + handsEnd - start, 0)
          const text = weekdayText(writtenAt(at))
          return (
            <button
              key={at}
              type="button"
              aria-pressed={at === day}
              aria-label={`${text}, ${hands > 0 ? `${minuteWords(hands)} of work` : 'nothing to do'}`}
              onClick={() => setDay(at)}
            >
              <span>{text.slice(0, 3)}</span>
              <b>{text.match(/\d+/)?.[0]}</b>
              <span className="work">
                {own.map((block) => (
                  <i
                    key={block.key}
                    style={{
                      ...markOf(block.project),
                      height: `${(Math.min(1, hands / FULL) * 35 * (block.handsEnd - block.start)) / (hands || 1)}px`,
                    }}
                  />
                ))}
              </span>
            </button>
          )
        })}
      </Strip>
      {children(day)}
    </>
  )
}
