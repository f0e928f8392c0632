import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { pieceFrom } from '@/app/idFrom'
import { loadBench } from '@/features/measure/load'
import { TestPage } from '@/features/measure/TestPage'
import { findBenchTest, type BenchTestId } from '@/features/measure/tests'
import { readPreferences } from '@/features/settings/readPreferences'

interface Address {
  params: Promise<{ test: string }>
  searchParams: Promise<{ piece?: string }>
}

export async function generateMetadata({ params }: Address): Promise<Metadata> {
  return { title: findBenchTest((await params).test)?.title ?? 'Measure' }
}

export default async function OneTestPage({ params, searchParams }: Address) {
  const test = findBenchTest((await params).test)
  if (!test) notFound()
  const { words } = await readPreferences()
  const data = await loadBench(pieceFrom((await searchParams).piece), words)
  return <TestPage key={data.piece?.id} test={test.id as BenchTestId} {...data} />
}
