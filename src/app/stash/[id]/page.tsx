import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { propertiesOf } from '@/core/notebook/properties'
import { readPreferences } from '@/features/settings/readPreferences'
import { fibreWords } from '@/features/stash/describe'
import { PiecePage } from '@/features/stash/PiecePage'
import { notebook } from '@/server/database'
import { readStashEntry } from '@/server/stash'

export const metadata: Metadata = { title: 'A piece' }

export default async function OnePiecePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id)
  const { units, words } = await readPreferences()
  const entry = await readStashEntry(await notebook(), id, words)
  if (!entry) notFound()
  return (
    <PiecePage
      piece={entry.piece}
      readings={entry.readings}
      properties={propertiesOf(entry.piece, entry.measurements, entry.sheet, units, words)}
      tests={entry.tests.map((test) => ({ id: test.id, answers: test.answers }))}
      belief={entry.sheet.belief}
      fibre={fibreWords(entry, words)}
    />
  )
}
