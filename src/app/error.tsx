'use client'

import { Button } from '@/ui/kit/buttons'
import { Page } from '@/ui/kit/surfaces'

export default function Failed({ reset }: { reset: () => void }) {
  return (
    <Page>
      <h1>That didn’t work</h1>
      <p>Something went wrong on this page. Everything you saved before is still saved.</p>
      <div>
        <Button onPress={reset}>Try again</Button>
      </div>
    </Page>
  )
}
