import type { Metadata } from 'next'
import { loadFound } from '@/features/frame/loadFound'
import { SearchPage } from '@/features/frame/SearchPage'

export const metadata: Metadata = { title: 'Search' }

export default async function SearchRoute({ searchParams }: { searchParams: Promise<{ q?: string | string[] }> }) {
  const { q } = await searchParams
  const text = (Array.isArray(q) ? (q[0] ?? '') : (q ?? '')).slice(0, 100)
  return <SearchPage text={text} {...await loadFound(text)} />
}
