import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { COMMON_NEEDS, worthMeasuring } from '@/core/choose/worthMeasuring'
import { foretellingRecord } from '@/core/notebook/foretell'
import { propertiesOf } from '@/core/notebook/properties'
import { readPreferences } from '@/features/settings/readPreferences'
import { PropertySheetPage } from '@/features/stash/PropertySheetPage'
import { notebook } from '@/server/database'
import { listPatterns } from '@/server/patterns'
import { readStash } from '@/server/stash'

export const metadata: Metadata = { title: 'Property sheet' }

export default async function SheetPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id)
  const [{ units, words }, db] = await Promise.all([readPreferences(), notebook()])
  const [stash, patterns] = await Promise.all([readStash(db, words), listPatterns(db)])
  const entry = stash.find(({ piece }) => piece.id === id)
  if (!entry) notFound()
  return (
    <PropertySheetPage
      piece={entry.piece}
      rows={propertiesOf(entry.piece, entry.measurements, entry.sheet, units, words)}
      worth={worthMeasuring(entry.piece, entry.sheet, patterns.length > 0 ? patterns : COMMON_NEEDS)}
      foretelling={foretellingRecord(stash)}
    />
  )
}
