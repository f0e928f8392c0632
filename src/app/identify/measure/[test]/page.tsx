import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { pieceFrom } from '@/app/idFrom'
import { findBenchInfo } from '@/features/identify/measure/info'
import { loadBench } from '@/features/identify/measure/load'
import { MeasurePage } from '@/features/identify/measure/MeasurePage'
import { HandOf } from '@/features/shared/hand/HandOf'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { textFor } from '@/core/text/render'

interface Address {
  params: Promise<{ test: string }>
  searchParams: Promise<{ piece?: string | string[] }>
}

export async function generateMetadata({ params }: Address): Promise<Metadata> {
  const title = findBenchInfo((await params).test)?.title ?? 'Measurement'
  return { title: textFor(title, await readPreferences()) }
}

export default async function OneMeasurementPage({ params, searchParams }: Address) {
  const kind = findBenchInfo((await params).test) ?? notFound()
  const { words } = await readPreferences()
  const data = await loadBench(pieceFrom((await searchParams).piece), words)
  return (
    <>
      <HandOf pieceId={data.piece?.id} />
      <MeasurePage key={data.piece?.id} kind={kind} {...data} />
    </>
  )
}
