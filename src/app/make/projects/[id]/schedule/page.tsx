import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { minuteNow } from '@/features/make/plan/clock'
import { loadPlan } from '@/features/make/plan/load'
import { PlanPage } from '@/features/make/plan/PlanPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Project schedule' }

export default async function ProjectPlanPage({ params }: { params: Promise<{ id: string }> }) {
  const { words } = await readPreferences()
  const loaded = await loadPlan(idFrom((await params).id), words, minuteNow())
  const { plan, now, free, once } = loaded ?? notFound()
  return <PlanPage plan={plan} now={now} free={free} once={once} />
}
