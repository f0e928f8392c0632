import type { Metadata } from 'next'
import { loadPatterns } from '@/features/make/patterns/load'
import { PatternList } from '@/features/make/patterns/PatternList'
import { damagedOf } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Patterns' }

export default async function PatternsPage() {
  const [patterns, damaged] = await Promise.all([readPreferences().then(loadPatterns), damagedOf('pattern')])
  return <PatternList patterns={patterns} damaged={damaged} />
}
