import type { Metadata } from 'next'
import { loadPatterns } from '@/features/make/patterns/load'
import { PatternList } from '@/features/make/patterns/PatternList'
import { damagedOf } from '@/features/shared/damaged/load'
import { PATTERNS_LISTED } from '@/features/make/patterns/onBoard'
import { firstOf } from '@/features/shared/address/firstOf'
import { shownParam } from '@/features/shared/address/shown'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Patterns' }

export default async function PatternsPage({
  searchParams,
}: {
  searchParams: Promise<{ show?: string | string[] }>
}) {
  const show = shownParam(PATTERNS_LISTED).read(firstOf((await searchParams).show, 8))
  const [{ rows, of }, damaged] = await Promise.all([
    readPreferences().then((preferences) => loadPatterns(preferences, show)),
    damagedOf('pattern'),
  ])
  return <PatternList patterns={rows} of={of} damaged={damaged} />
}
