import type { Metadata } from 'next'
import { clothsTold } from '@/features/learn/lookup/clothsTold'
import { ClothsPage } from '@/features/learn/lookup/ClothsPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Fabric names' }

export default async function ClothsRoute() {
  return <ClothsPage cloths={clothsTold(await readPreferences())} />
}
