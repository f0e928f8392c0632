'use client'

import { useState, type ComponentProps, type ReactNode } from 'react'
import { Button } from '@/ui/kit/buttons'
import { PlainList } from '@/ui/kit/surfaces'
import { MatchCard } from './MatchCard'

const AT_FIRST = 10

type Row = ComponentProps<typeof MatchCard> & { id: string }

/** Matches, the best first; the tail unfolds on request. */
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
  const shown = all ? rows : rows.slice(0, AT_FIRST)
  return (
    <>
      <PlainList as="ol" $gap="1.25rem">
        {shown.map((row) => (
          <li key={row.id}>
            <MatchCard {...row} actions={actions?.(row)} />
          </li>
        ))}
      </PlainList>
      {rows.length > shown.length ? (
        <Button onPress={() => setAll(true)}>
          {more} ({rows.length - shown.length} more)
        </Button>
      ) : null}
    </>
  )
}
