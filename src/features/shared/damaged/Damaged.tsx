'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { Actions, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { removeDamaged } from './actions'
import { type DamagedCard } from './load'

const Raw = styled.pre`
  overflow: auto;
  max-height: 12rem;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  font-size: 0.85rem;
  background: var(--ground);
  padding: 0.6rem;
`

/** What of the notebook cannot be read, told where it would stand; everything else is there as ever. */
export function Damaged({ cards }: { cards: readonly DamagedCard[] }) {
  if (cards.length === 0) return null
  return (
    <Stack as="section" aria-label="Unreadable records">
      {cards.map((card) => (
        <One key={card.id} {...card} />
      ))}
    </Stack>
  )
}

function One({ kind, id, revision, what, problem, raw, isCut, updatedAt }: DamagedCard) {
  const [asking, setAsking] = useState(false)
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Callout $tone="warn">
      <Stack $gap="0.6rem">
        <p>
          <b>There is {what} here that we can’t read.</b> Everything else is fine.
        </p>
        <Soft>
          Last changed {updatedAt.slice(0, 10)}. The problem: {problem}
        </Soft>
        <details>
          <summary>Its content</summary>
          <Raw tabIndex={0}>{isCut ? `${raw} …` : raw}</Raw>
        </details>
        <Actions>
          <a href={`/damaged/${id}`} download>
            Save its content
          </a>
          {asking ? (
            <>
              <Button isDisabled={busy} onPress={() => doing(() => removeDamaged(kind, { id, revision }))}>
                Yes, delete it
              </Button>
              <QuietButton onPress={() => setAsking(false)}>Cancel</QuietButton>
            </>
          ) : (
            <QuietButton onPress={() => setAsking(true)}>Delete from the notebook</QuietButton>
          )}
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Callout>
  )
}
