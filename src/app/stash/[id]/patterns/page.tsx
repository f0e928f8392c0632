import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadPatternsFor } from '@/features/make/patterns/load'
import { PatternsForPiece } from '@/features/make/patterns/PatternsForPiece'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Patterns for this fabric' }

export default async function PatternsForPiecePage({ params }: { params: Promise<{ id: string }> }) {
  const loaded = await loadPatternsFor(idFrom((await params).id), await readPreferences())
  return <PatternsForPiece {...(loaded ?? notFound())} />
}
