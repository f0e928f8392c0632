'use client'

import { useState, type ComponentProps, type ReactNode } from 'react'
import styled from 'styled-components'
import { QuietButton } from '@/ui/kit/buttons'
import { MoreLines } from '../../shared/MoreLines'
import { MatchCard } from './MatchCard'
import { MatchTile } from './MatchTile'
import { ON_BOARD } from './onBoard'

const Board = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.9rem;
  grid-template-columns: repeat(auto-fill, minmax(min(10.5rem, 45%), 1fr));
  grid-auto-flow: dense;
  .open {
    grid-column: 1 / -1;
  }
`

type Row = ComponentProps<typeof MatchCard> & { id: string }

/** Matches as a board, the best first: each opens to its reasons, and more are asked for. */
export function Ranked({
  rows,
  of,
  more,
  actions,
}: {
  rows: readonly Row[]
  /** How many there are. */
  of: number
  more: string
  actions?: (row: Row) => ReactNode
}) {
  const [opened, setOpened] = useState<readonly string[]>([])
  const open = (id: string) => setOpened((before) => [...before, id])
  // Whoever closes one is back where they opened it.
  const [closed, setClosed] = useState<string>()
  const close = (id: string) => {
    setOpened((before) => before.filter((one) => one !== id))
    setClosed(id)
  }
  return (
    <>
      <Board>
        {rows.map((row) =>
          opened.includes(row.id) ? (
            <li key={row.id} className="open">
              <MatchCard
                {...row}
                actions={
                  <>
                    {actions?.(row)}
                    <QuietButton autoFocus aria-expanded onPress={() => close(row.id)}>
                      Close
                    </QuietButton>
                  </>
                }
              />
            </li>
          ) : (
            <li key={row.id}>
              <MatchTile
                {...row}
                actions={actions?.(row)}
                onOpen={() => open(row.id)}
                wasClosed={closed === row.id}
              />
            </li>
          ),
        )}
      </Board>
      <MoreLines says={more} shown={rows.length} of={of} step={ON_BOARD} />
    </>
  )
}
