import type { Metadata } from 'next'
import { loadMix } from '@/features/make/upcycle/loadTogether'
import { mixAddress } from '@/features/make/upcycle/mixAddress'
import { MixPage } from '@/features/make/upcycle/MixPage'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Can I combine these fabrics?' }

export default async function TogetherPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const choice = readAddress(mixAddress, await searchParams)
  return <MixPage {...await loadMix(choice, (await readPreferences()).words)} />
}
