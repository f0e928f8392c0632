import type { Metadata } from 'next'
import { AllPlansPage } from '@/features/make/plan/AllPlansPage'
import { minuteNow } from '@/features/make/plan/clock'
import { loadPlans } from '@/features/make/plan/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Schedule' }

export default async function EverythingPlannedPage() {
  const { words } = await readPreferences()
  return <AllPlansPage {...await loadPlans(words, minuteNow())} />
}
