'use client'

import { useState, useTransition } from 'react'
import { Button, QuietButton } from './buttons'
import { Actions, Slip } from './surfaces'

interface Props {
  /** What the quiet button says, what is asked then, and what the deciding button says. */
  offer: string
  question: string
  decide: string
  onDecided: () => Promise<void>
}

/** Something that cannot be undone: offered quietly, asked about once, then done. */
export function PutAway({ offer, question, decide, onDecided }: Props) {
  const [asking, setAsking] = useState(false)
  const [, start] = useTransition()
  if (!asking)
    return (
      <Actions>
        <QuietButton onPress={() => setAsking(true)}>{offer}</QuietButton>
      </Actions>
    )
  return (
    <Slip $tone="warn" role="alert">
      <p>{question} This cannot be undone.</p>
      <Actions>
        <Button onPress={() => start(onDecided)}>{decide}</Button>
        <QuietButton onPress={() => setAsking(false)}>Leave it</QuietButton>
      </Actions>
    </Slip>
  )
}
