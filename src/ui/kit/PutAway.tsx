'use client'

import { useState } from 'react'
import { Button, QuietButton } from './buttons'
import { Actions, Callout } from './surfaces'
import { Trouble } from './Trouble'
import { type Doing, useAsyncAction } from './useAsyncAction'

interface Props {
  /** What the quiet button says, what is asked then, and what the deciding button says. */
  offer: string
  question: string
  decide: string
  /** How it can be had back. */
  afterwards?: string
  /** Answers what stood in its way, if something did. */
  onDecided: () => Promise<Doing>
}

/** Something with consequences: offered quietly, asked about once, then done. */
export function PutAway({
  offer,
  question,
  decide,
  afterwards = 'It stays in the bin for 30 days.',
  onDecided,
}: Props) {
  const [asking, setAsking] = useState(false)
  const { busy, trouble, doing } = useAsyncAction()
  if (!asking)
    return (
      <Actions>
        <QuietButton onPress={() => setAsking(true)}>{offer}</QuietButton>
      </Actions>
    )
  return (
    <Callout $tone="warn" role="alert">
      <p>
        {question} {afterwards}
      </p>
      <Actions>
        <Button isDisabled={busy} onPress={() => doing(onDecided)}>
          {decide}
        </Button>
        <QuietButton onPress={() => setAsking(false)}>Cancel</QuietButton>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Callout>
  )
}
