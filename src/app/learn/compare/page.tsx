import type { Metadata } from 'next'
import { textFrom, type AskedAddress } from '@/app/asked'
import { ComparePage } from '@/features/learn/compare/ComparePage'
import { loadCompared } from '@/features/learn/compare/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Two fibres side by side' }

export default async function ComparedPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const asked = await searchParams
  const { words } = await readPreferences()
  return <ComparePage {...loadCompared(textFrom(asked, 'a'), textFrom(asked, 'b'), words)} />
}
