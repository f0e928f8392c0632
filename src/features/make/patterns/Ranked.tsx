'use client'

import { useState, type ComponentProps } from 'react'
import { Button } from '@/ui/kit/buttons'
import { PlainList } from '@/ui/kit/surfaces'
import { MatchCard } from './MatchCard'

const AT_FIRST = 6

/** Matches, the best first; the tail unfolds on request. */
export function Ranked({
  rows,
  more,
}: {
  rows: readonly (ComponentProps<typeof MatchCard> & { id: string })[]
  more: string
}) {
  const [all, setAll] = useState(false)
  const shown = all ? rows : rows.slice(0, AT_FIRST)
  return (
    <>
      <PlainList as="ol" $gap="1.25rem">
        {shown.map(({ id, ...row }) => (
          <li key={id}>
            <MatchCard {...row} />
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
