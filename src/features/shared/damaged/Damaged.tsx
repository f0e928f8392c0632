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
    <Stack as="section" aria-label="What cannot be read">
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
          <b>There is {what} here that cannot be read.</b> Everything else is as it was.
        </p>
        <Soft>
          Last changed {updatedAt.slice(0, 10)}. What is wrong with it: {problem}
        </Soft>
        <details>
          <summary>What it holds</summary>
          <Raw tabIndex={0}>{isCut ? `${raw} …` : raw}</Raw>
        </details>
        <Actions>
          <a href={`/damaged/${id}`} download>
            Save all that it holds
          </a>
          {asking ? (
            <>
              <Button isDisabled={busy} onPress={() => doing(() => removeDamaged(kind, { id, revision }))}>
                Yes, take it out for good
              </Button>
              <QuietButton onPress={() => setAsking(false)}>Leave it</QuietButton>
            </>
          ) : (
            <QuietButton onPress={() => setAsking(true)}>Take it out of the notebook</QuietButton>
          )}
        </Actions>
        <Trouble>{trouble}</Trouble>
      </Stack>
    </Callout>
  )
}
