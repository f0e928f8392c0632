import type { Metadata } from 'next'
import { loadUseUp } from '@/features/make/upcycle/loadUseUp'
import { UseUpPage } from '@/features/make/upcycle/UseUpPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { textFrom, type AskedAddress } from '../asked'

export const metadata: Metadata = { title: 'Use these up' }

export default async function UsingUpPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const of = textFrom(await searchParams, 'of')
  return <UseUpPage key={of} {...await loadUseUp(of, (await readPreferences()).words)} />
}
