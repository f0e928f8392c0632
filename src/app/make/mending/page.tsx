import type { Metadata } from 'next'
import { loadMend } from '@/features/make/upcycle/loadMend'
import { mendAddress } from '@/features/make/upcycle/mendAddress'
import { MendPage } from '@/features/make/upcycle/MendPage'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Mending' }

export default async function MendingPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const choice = readAddress(mendAddress, await searchParams)
  return <MendPage {...await loadMend(choice, await readPreferences())} />
}
