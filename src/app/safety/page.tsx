import type { Metadata } from 'next'
import { SafetyText } from '@/features/shared/safety/SafetyText'
import { Lead, Page } from '@/ui/kit/surfaces'

export const metadata: Metadata = { title: 'Safety' }

export default function SafetyPage() {
  return (
    <Page>
      <div>
        <h1>Safety at the flame</h1>
        <Lead>The same that stands before the first burn of a session.</Lead>
      </div>
      <SafetyText />
    </Page>
  )
}
