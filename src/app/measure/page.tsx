import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { loadBench } from '@/features/measure/load'
import { benchInfos } from '@/features/measure/info'
import { MeasureHub } from '@/features/measure/MeasureHub'
import { readPreferences } from '@/features/settings/readPreferences'

export const metadata: Metadata = { title: 'Measure' }

export default async function MeasurePage({ searchParams }: { searchParams: Promise<{ piece?: string }> }) {
  const { words } = await readPreferences()
  return <MeasureHub kinds={benchInfos} {...await loadBench(pieceFrom((await searchParams).piece), words)} />
}
