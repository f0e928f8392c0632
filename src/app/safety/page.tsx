import type { Metadata } from 'next'
import { SafetyText } from '@/features/shared/safety/SafetyText'
import { Lead, Page } from '@/ui/kit/surfaces'

export const metadata: Metadata = { title: 'Safety' }

export default function SafetyPage() {
  return (
    <Page>
      <div>
        <h1>Safety at the flame</h1>
        <Lead>You see the same cautions before your first burn test.</Lead>
      </div>
      <SafetyText />
    </Page>
  )
}
