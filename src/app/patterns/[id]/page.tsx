import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadPattern } from '@/features/make/patterns/load'
import { PatternPage } from '@/features/make/patterns/PatternPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'A pattern' }

export default async function OnePatternPage({ params }: { params: Promise<{ id: string }> }) {
  const loaded = await loadPattern(idFrom((await params).id), await readPreferences())
  return <PatternPage {...(loaded ?? notFound())} />
}
