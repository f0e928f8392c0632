'use client'

import { useState, useTransition } from 'react'
import { Button, QuietButton } from '@/ui/controls/buttons'
import { Actions, Slip } from '@/ui/controls/surfaces'
import { dropPattern } from './actions'

export function DropPattern({ id, name }: { id: number; name: string }) {
  const [sure, setSure] = useState(false)
  const [, start] = useTransition()
  if (!sure) return <Actions><QuietButton onPress={() => setSure(true)}>Put this pattern away for good</QuietButton></Actions>
  return (
    <Slip $tone="warn" role="alert">
      <p>Put {name} away for good? This cannot be undone.</p>
      <Actions>
        <Button onPress={() => start(() => dropPattern(id))}>Put it away</Button>
        <QuietButton onPress={() => setSure(false)}>Leave it</QuietButton>
      </Actions>
    </Slip>
  )
}
