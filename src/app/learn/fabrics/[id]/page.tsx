import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { ClothPage } from '@/features/learn/lookup/ClothPage'
import { loadNamedCloth } from '@/features/learn/lookup/loadCloth'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Fabric' }

export default async function ClothRoute({ params }: { params: Promise<{ id: string }> }) {
  const cloth = await loadNamedCloth((await params).id, await readPreferences())
  return cloth ? <ClothPage {...cloth} /> : notFound()
}
