import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { loadUnit } from '@/features/learn/units/loadUnit'
import { UnitPage } from '@/features/learn/units/UnitPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Unit' }

export default async function UnitRoute({ params }: { params: Promise<{ id: string }> }) {
  const unit = await loadUnit((await params).id, await readPreferences())
  return unit ? <UnitPage {...unit} /> : notFound()
}
