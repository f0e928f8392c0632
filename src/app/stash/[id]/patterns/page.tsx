import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadPatternsFor } from '@/features/make/patterns/load'
import { PatternsForPiece } from '@/features/make/patterns/PatternsForPiece'
import { ON_BOARD } from '@/features/make/patterns/onBoard'
import { firstOf } from '@/features/shared/address/firstOf'
import { shownParam } from '@/features/shared/address/shown'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Patterns for this fabric' }

interface Asked {
  params: Promise<{ id: string }>
  searchParams: Promise<{ show?: string | string[] }>
}

export default async function PatternsForPiecePage({ params, searchParams }: Asked) {
  const [{ id }, { show }] = await Promise.all([params, searchParams])
  const shown = shownParam(ON_BOARD).read(firstOf(show, 8))
  const loaded = await loadPatternsFor(idFrom(id), await readPreferences(), shown)
  return <PatternsForPiece {...(loaded ?? notFound())} />
}
