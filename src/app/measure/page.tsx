import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { benchInfos } from '@/features/find-out/measure/info'
import { loadBench } from '@/features/find-out/measure/load'
import { MeasureHub } from '@/features/find-out/measure/MeasureHub'
import { HandOf } from '@/features/shared/hand/HandOf'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Measure' }

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
