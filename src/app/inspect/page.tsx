import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { Inspect } from '@/features/inspect/Inspect'
import { loadBench } from '@/features/measure/load'
import { readPreferences } from '@/features/settings/readPreferences'

export const metadata: Metadata = { title: 'What is it called?' }

export default async function InspectPage({ searchParams }: { searchParams: Promise<{ piece?: string }> }) {
  const { words } = await readPreferences()
  const { piece } = await loadBench(pieceFrom((await searchParams).piece), words)
  return <Inspect key={piece?.id ?? 0} piece={piece} />
}
