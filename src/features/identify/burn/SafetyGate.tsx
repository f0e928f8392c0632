'use client'

import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, Page } from '@/ui/kit/surfaces'
import { SafetyText } from '../../shared/safety/SafetyText'

/** Stands before the first flame of a session. */
export function SafetyGate({ onRead }: { onRead: () => void }) {
  const go = (
    <Actions>
      <StrongButton onPress={onRead}>All in place: to the bench</StrongButton>
    </Actions>
  )
  return (
    <Page>
      <div>
        <h1>Before you light anything</h1>
        <Lead>Two minutes now. You can read this again at any time under Safety.</Lead>
      </div>
      {go}
      <SafetyText />
      {go}
    </Page>
  )
}
