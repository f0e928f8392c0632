import { readPreferences } from '@/features/shared/settings/readPreferences'
import type { Metadata } from 'next'
import { firstOf } from '@/features/shared/address/firstOf'
import { loadFound } from '@/features/frame/loadFound'
import { SearchPage } from '@/features/frame/SearchPage'

export const metadata: Metadata = { title: 'Search' }

export default async function SearchRoute({ searchParams }: { searchParams: Promise<{ q?: string | string[] }> }) {
  const text = firstOf((await searchParams).q, 100)
  return <SearchPage text={text} groups={await loadFound(text, await readPreferences())} />
}
