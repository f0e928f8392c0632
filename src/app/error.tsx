'use client'

import { Button } from '@/ui/controls/buttons'
import { Page } from '@/ui/controls/surfaces'

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
