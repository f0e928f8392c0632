'use client'

import { Button } from '@/ui/kit/buttons'
import { Page } from '@/ui/kit/surfaces'

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <Page>
      <h1>That did not work</h1>
      <p>Something went wrong here. What was kept before is still kept.</p>
      <div>
        <Button onPress={reset}>Try again</Button>
      </div>
    </Page>
  )
}
