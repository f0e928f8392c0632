import { fibreById } from '@/core/fibres/catalogue'
import { formatLength, formatWidth, type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { readStash, type StashEntry } from '@/server/stash'
import { fibreWords, foldOf, weightWords } from '../shared/stash/describe'
import { type StashRow } from './Stash'

/** Every piece on the shelves, in words. */
export async function loadStash({ units, words }: { units: UnitSystem; words: Vocabulary }): Promise<StashRow[]> {
  const stash = await readStash(await notebook(), words)
  return stash.map((entry) => ({
    ...foldOf(entry, units, words),
    called: entry.piece.called,
    fibre: fibreWords(entry, words),
    weight: weightWords(entry, units),
    width: entry.piece.widthMm === null ? '' : formatWidth(entry.piece.widthMm, units),
    length: entry.piece.lengthMm === null ? '' : formatLength(entry.piece.lengthMm, units),
    search: searchWords(entry),
  }))
}

/** Everything a piece may be sought by, in UK and US words alike. */
function searchWords({ piece, sheet }: StashEntry): string {
  const cloth = sheet.named
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
