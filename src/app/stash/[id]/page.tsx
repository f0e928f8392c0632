import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { readPreferences } from '@/features/settings/readPreferences'
import { fibreWords } from '@/features/stash/describe'
import { PiecePage } from '@/features/stash/PiecePage'
import { burnTestsOf } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { readingsOf } from '@/server/readings'
import { readStashEntry } from '@/server/stash'

export const metadata: Metadata = { title: 'A piece' }

export default async function OnePiecePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id)
  const { words } = await readPreferences()
  const db = await notebook()
  const entry = await readStashEntry(db, id, words)
  if (!entry) notFound()
  const [readings, tests] = await Promise.all([readingsOf(db, id), burnTestsOf(db, id)])
  return (
    <PiecePage
      piece={entry.piece}
      readings={readings}
      tests={tests.map((test) => ({ id: test.id, answers: test.answers }))}
      belief={entry.sheet.belief}
      fibre={fibreWords(entry, words)}
    />
  )
}
