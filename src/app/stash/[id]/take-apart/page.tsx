import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadApart } from '@/features/stash/upcycle/load'
import { TakeApartPage } from '@/features/stash/upcycle/TakeApartPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Take apart' }

export default async function ApartPage({ params }: { params: Promise<{ id: string }> }) {
  const loaded = await loadApart(idFrom((await params).id), await readPreferences())
  return <TakeApartPage {...(loaded ?? notFound())} />
}
