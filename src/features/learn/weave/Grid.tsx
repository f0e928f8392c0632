'use client'

import { useRef, useState, type KeyboardEvent } from 'react'
import styled from 'styled-components'
import { type Drawdown } from '@/core/weave/drafts'
import { itemAt } from '@/core/lists/items'

const Cells = styled.div<{ $ends: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $ends }) => $ends}, minmax(0, 1fr));
  max-width: ${({ $ends }) => Math.max(11.5, $ends * 2)}rem;
  border: 1.5px solid var(--ink);
  width: 100%;
  button {
    aspect-ratio: 1;
    padding: 0;
    min-width: 0;
    border: 1px solid var(--ink-soft);
    border-radius: 0;
    background: var(--paper);
    cursor: pointer;
  }
  button[aria-pressed='true'] {
    background: var(--indigo-deep);
    box-shadow: inset 0 0 0 2px var(--paper);
  }
  button:focus-visible {
    outline: 3px solid var(--madder);
    outline-offset: 1px;
    z-index: 1;
  }
`

/**
 * An interlacing to be changed, crossing by crossing: dark where the warp lies on top. The first pick is at the foot,
 * as it is woven.
 */
export function Grid({ draft, onChange }: { draft: Drawdown; onChange: (draft: Drawdown) => void }) {
  const ends = itemAt(draft, 0).length
  const box = useRef<HTMLDivElement>(null)
  const [at, setAt] = useState(0)
  const here = Math.min(at, ends * draft.length - 1)
  const keys = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -ends, ArrowDown: ends }[event.key]
    if (step === undefined) return
    event.preventDefault()
    const next = here + step
    if (next < 0 || next >= ends * draft.length) return
    setAt(next)
    box.current?.querySelectorAll('button')[next]?.focus()
  }
  return (
    <Cells
      ref={box}
      $ends={ends}
      role="group"
      aria-label="How the threads cross: arrows move, Space changes"
      onKeyDown={keys}
    >
      {draft.toReversed().flatMap((row, fromTop) =>
        row.map((up, end) => {
          const pick = draft.length - 1 - fromTop
          const index = fromTop * ends + end
          return (
            <button
              key={index}
              type="button"
              tabIndex={index === here ? 0 : -1}
              aria-pressed={up}
              aria-label={`End ${end + 1}, pick ${pick + 1}: ${up ? 'warp' : 'weft'} on top`}
              onFocus={() => setAt(index)}
              onClick={() =>
                onChange(draft.map((one, p) => (p === pick ? one.map((was, e) => (e === end ? !was : was)) : one)))
              }
            />
          )
        }),
      )}
    </Cells>
  )
}

/** The same interlacing with another number of ends and picks: cut off, or repeated. */
export function resizeDraft(draft: Drawdown, ends: number, picks: number): Drawdown {
  return Array.from({ length: picks }, (_, pick) =>
    Array.from({ length: ends }, (_, end) =>
      itemAt(itemAt(draft, pick % draft.length), end % itemAt(draft, 0).length),
    ),
  )
}
