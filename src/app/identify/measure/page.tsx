import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { benchInfos } from '@/features/identify/measure/info'
import { loadBench } from '@/features/identify/measure/load'
import { MeasureHub } from '@/features/identify/measure/MeasureHub'
import { HandOf } from '@/features/shared/hand/HandOf'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Measure a fabric' }

export default async function MeasurePage({
  searchParams,
}: {
  searchParams: Promise<{ piece?: string | string[] }>
}) {
  const { words } = await readPreferences()
  const data = await loadBench(pieceFrom((await searchParams).piece), words)
  return (
    <>
      <HandOf pieceId={data.piece?.id} />
      <MeasureHub kinds={benchInfos} {...data} />
    </>
  )
}
