'use client'

import { useState, type ComponentProps, type ReactNode } from 'react'
import styled from 'styled-components'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { MatchCard } from './MatchCard'
import { MatchTile } from './MatchTile'

const AT_FIRST = 10

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

/** Matches as a board, the best first: each opens to its reasons, the tail unfolds on request. */
export function Ranked({
  rows,
  more,
  actions,
}: {
  rows: readonly Row[]
  more: string
  actions?: (row: Row) => ReactNode
}) {
  const [all, setAll] = useState(false)
  const [opened, setOpened] = useState<readonly string[]>([])
  const shown = all ? rows : rows.slice(0, AT_FIRST)
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
        {shown.map((row) =>
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
      {rows.length > shown.length ? (
        <Button onPress={() => setAll(true)}>
          {more} ({rows.length - shown.length} more)
        </Button>
      ) : null}
    </>
  )
}
