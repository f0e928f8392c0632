'use client'

import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, Page } from '@/ui/kit/surfaces'
import { SafetyText } from '../../shared/safety/SafetyText'

/** Stands before the first flame of a session. */
export function SafetyGate({ onRead }: { onRead: () => void }) {
  const go = (
    <Actions>
      <StrongButton onPress={onRead}>I’m ready: start</StrongButton>
    </Actions>
  )
  return (
    <Page>
      <div>
        <h1>Before you light anything</h1>
        <Lead>This takes two minutes. You find it again at any time under Safety.</Lead>
      </div>
      {go}
      <SafetyText />
      {go}
    </Page>
  )
}
