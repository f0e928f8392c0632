import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { FindOut } from '@/features/identify/door/FindOut'
import { InHand } from '@/features/shared/hand/InHand'
import { loadStrip } from '@/features/shared/hand/strip'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'

export const metadata: Metadata = { title: 'Identify a fabric' }

export default async function FindOutPage({
  searchParams,
}: {
  searchParams: Promise<{ piece?: string | string[] }>
}) {
  const id = pieceFrom((await searchParams).piece)
  const preferences = await readPreferences()
  const [strip, shelf] = await Promise.all([
    id ? loadStrip(id, preferences) : undefined,
    notebook().then((db) => shelfOf(db, preferences.words)),
  ])
  return (
    <>
      {strip ? <InHand {...strip} /> : null}
      <FindOut
        strip={strip}
        begun={shelf
          .inHand()
          .filter((piece) => piece.id !== id)
          .slice(0, 5)
          .map((piece) => ({ id: piece.id, name: piece.name }))}
      />
    </>
  )
}
