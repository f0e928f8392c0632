import type { Metadata } from 'next'
import { clothCalled } from '@/core/cloths/catalogue'
import { fibreById } from '@/core/fibres/catalogue'
import { formatLength, formatWidth } from '@/core/units/format'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { fibreWords, foldOf, weightWords } from '@/features/shared/stash/describe'
import { Stash, type StashRow } from '@/features/stash/Stash'
import { notebook } from '@/server/database'
import { readStash, type StashEntry } from '@/server/stash'

export const metadata: Metadata = { title: 'The stash' }

export default async function StashPage() {
  const { units, words } = await readPreferences()
  const stash = await readStash(await notebook(), words)
  const rows = stash.map((entry): StashRow => ({
    ...foldOf(entry, units, words),
    called: entry.piece.called,
    fibre: fibreWords(entry, words),
    weight: weightWords(entry, units),
    width: entry.piece.widthMm === null ? '' : formatWidth(entry.piece.widthMm, units),
    length: entry.piece.lengthMm === null ? '' : formatLength(entry.piece.lengthMm, units),
    search: searchWords(entry),
  }))
  return <Stash rows={rows} />
}

/** Everything a piece may be sought by, in UK and US words alike. */
function searchWords({ piece, sheet }: StashEntry): string {
  const cloth = clothCalled(piece.called)
  const fibres = (sheet.fibres?.ids ?? []).map(fibreById)
  return [
    piece.name,
    piece.called,
    piece.place,
    piece.source,
    piece.notes,
    ...(cloth ? [cloth.name.uk, cloth.name.us, ...cloth.also] : []),
    ...fibres.flatMap(({ name, also }) => [name.uk, name.us, ...also]),
    sheet.fibres ? '' : 'mystery unknown untested',
  ]
    .join(' ')
    .toLowerCase()
}
