import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { firstOf } from '@/features/shared/address/firstOf'
import { idFrom } from '@/app/idFrom'
import { CompareFabricsPage } from '@/features/make/compare/ComparePage'
import { loadComparison } from '@/features/make/compare/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Compare fabrics' }

interface Asked {
  params: Promise<{ id: string }>
  searchParams: Promise<{ with?: string | string[] }>
}

export default async function ComparisonPage({ params, searchParams }: Asked) {
  const [{ id }, { with: asked }] = await Promise.all([params, searchParams])
  const pieces = firstOf(asked, 200).split(',').filter(Boolean)
  const loaded = await loadComparison(idFrom(id), pieces, await readPreferences())
  return <CompareFabricsPage {...(loaded ?? notFound())} />
}
