'use client'

import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Page } from '@/ui/kit/surfaces'
import { Cautions } from './Cautions'

/** Stands before a test that is gone on with, where the cautions were not read in this sitting. */
export function SafetyGate({ onRead }: { onRead: () => void }) {
  return (
    <Page $gap="1rem">
      <h1>Before you light anything</h1>
      <Cautions />
      <Actions>
        <StrongButton onPress={onRead}>I’m ready: continue</StrongButton>
      </Actions>
    </Page>
  )
}
