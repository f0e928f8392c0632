'use client'

import { useTransition } from 'react'
import { Button } from '@/ui/kit/buttons'
import { Actions, Callout } from '@/ui/kit/surfaces'
import { closeSample } from '../shared/sample/actions'

/** Above every page of the sample notebook: whose fabrics these are, and the way back. */
export function SampleSlip() {
  const [busy, start] = useTransition()
  return (
    <Callout role="note" aria-label="Sample notebook">
      <Actions>
        <span>
          <b>Sample notebook.</b> Look at anything; nothing is saved here.
        </span>
        <Button isDisabled={busy} onPress={() => start(closeSample)}>
          Back to my notebook
        </Button>
      </Actions>
    </Callout>
  )
}
