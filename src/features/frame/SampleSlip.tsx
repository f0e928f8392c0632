'use client'

import { Button } from '@/ui/kit/buttons'
import { Actions, Callout } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { closeSample } from '../shared/sample/actions'

/** Above every page of the sample notebook: whose fabrics these are, and the way back. */
export function SampleSlip() {
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Callout role="note" aria-label="Sample notebook">
      <Actions>
        <span>
          <b>Sample notebook.</b> Look at anything; nothing is saved here.
        </span>
        <Button isDisabled={busy} onPress={() => doing(closeSample)}>
          Back to my notebook
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Callout>
  )
}
