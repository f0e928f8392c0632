import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { namedCloths } from '@/core/cloths/catalogue'
import { firstUnanswered } from '@/features/identify/inspect/first'
import { Inspect } from '@/features/identify/inspect/Inspect'
import { loadBench } from '@/features/identify/measure/load'
import { HandOf } from '@/features/shared/hand/HandOf'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Name this fabric' }

export default async function InspectPage({
  searchParams,
}: {
  searchParams: Promise<{ piece?: string | string[] }>
}) {
  const { words } = await readPreferences()
  const { piece } = await loadBench(pieceFrom((await searchParams).piece), words)
  return (
    <>
      <HandOf pieceId={piece?.id} />
      <Inspect key={piece?.id} piece={piece} first={firstUnanswered(piece, words)} cloths={namedCloths.length} />
    </>
  )
}
