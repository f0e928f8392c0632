import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { GarmentSchema, type GarmentRecord } from '@/core/notebook/kinds/garment'
import { notionOf } from '@/core/upcycle/teardown/keep'
import { tornDown } from '@/core/upcycle/teardown/teardown'
import { type UnitSystem } from '@/core/units/format'
import {
  CONDITION_WORDS,
  CONDITIONS,
  SEAM_MAKE_WORDS,
  SEAM_MAKES,
  WORN_PLACE_WORDS,
  WORN_PLACES,
} from '@/core/vocabulary/upcycling'
import { wordFor, type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { recordsReferring } from '@/server/store/repository'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { pieceWords } from '../../shared/stash/describe'

interface Reader {
  units: UnitSystem
  words: Vocabulary
}

/** What a page about one piece needs of it. @returns undefined where there is no such piece */
export async function loadUpcycledPiece(pieceId: string, { units, words }: Reader) {
  const db = await notebook()
  const gist = (await shelfOf(db, words)).find(pieceId)
  if (!gist) return undefined
  return { db, gist, summary: pieceWords(gist, units, words), tile: drawnAs(gist.weave, gist.look) }
}

/** How a garment of the stash comes apart. @returns undefined where there is no such piece */
export async function loadApart(pieceId: string, reader: Reader) {
  const found = await loadUpcycledPiece(pieceId, reader)
  if (!found) return undefined
  const { db, gist, summary, tile } = found
  const [kept] = await recordsReferring(db, 'garment', 'pieceId', pieceId)
  const garment = kept?.data ?? GarmentSchema.parse({ pieceId })
  const answer = tornDown({ garment: gist.thing, offer: gist.offer, ...garment })
  return {
    id: pieceId,
    name: gist.name,
    summary,
    tile,
    garment,
    isMeasured: kept !== undefined,
    whole: wholePanels(gist, garment),
    answer: { ...answer, keep: answer.keep.map((one) => ({ ...one, notion: notionOf(one.id) ?? null })) },
    seamMakes: SEAM_MAKES.map((id) => [id, wordFor(SEAM_MAKE_WORDS[id], reader.words)] as const),
    conditions: CONDITIONS.map((id) => [id, wordFor(CONDITION_WORDS[id], reader.words)] as const),
    wornPlaces: WORN_PLACES.map((id) => [id, wordFor(WORN_PLACE_WORDS[id], reader.words)] as const),
  }
}

/** Its panels as they are drawn to be marked: with all that is worn still on them. */
function wholePanels(gist: PieceSummary, garment: GarmentRecord) {
  const { panels } = tornDown({ garment: gist.thing, offer: gist.offer, ...garment, worn: [], places: [] })
  return panels.map(({ id, outline, count }) => ({ id, outline, count }))
}

export type ApartData = NonNullable<Awaited<ReturnType<typeof loadApart>>>
