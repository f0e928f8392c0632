import type { Metadata } from 'next'
import { loadUseUp } from '@/features/make/upcycle/loadUseUp'
import { useUpAddress } from '@/features/make/upcycle/useUpAddress'
import { UseUpPage } from '@/features/make/upcycle/UseUpPage'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Use up leftovers' }

export default async function UsingUpPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const choice = readAddress(useUpAddress, await searchParams)
  return <UseUpPage key={choice.of.join()} {...await loadUseUp(choice, (await readPreferences()).words)} />
}
