import { matchScore } from '@/core/choose/match'
import { type LayPanel } from '@/core/lay/types'
import { layPiece, piecesFor } from '@/core/making/layTask'
import { type UseUpCandidate } from '@/core/making/useUp'
import { GarmentSchema } from '@/core/notebook/kinds/garment'
import { rectangle } from '@/core/shapes/polygon'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { tornDown } from '@/core/upcycle/teardown/teardown'
import { type Vocabulary } from '@/core/vocabulary/words'
import { groupBy } from '@/server/store/groupBy'
import { notebook, type Notebook } from '@/server/database'
import { listPatterns } from '@/server/records/patterns'
import { shelfOf } from '@/server/cache/shelf'
import { allRecords, recordsByIds, recordsReferring } from '@/server/store/repository'
import { drawnAs } from '@/ui/cloth/drawnAs'
import { isUsedUp, loadReservations, type Reservations } from '@/server/records/reservations'
import { type AddressState } from '../../shared/address/address'
import { gistsOf, recentPieces } from './loadTogether'
import { MOST_USED_UP, type useUpAddress } from './useUpAddress'
import { itemAt } from '@/core/lists/items'

/** Things to be used up, the cloth that they give, and the patterns that might be cut from it. */
export async function loadUseUp({ of }: AddressState<typeof useUpAddress>, words: Vocabulary) {
  const db = await notebook()
  const shelf = await shelfOf(db, words)
  const gists = gistsOf(shelf, of)
  const reservations = await loadReservations(db, shelf)
  const [things, candidates, garments] = await Promise.all([
    Promise.all(gists.map((gist) => thingOf(db, gist, reservations))),
    gists.length > 0 ? candidatesFor(db, gists) : [],
    allRecords(db, 'garment'),
  ])
  const apart = new Set(garments.kept.filter(({ data }) => data.apart !== null).map(({ data }) => data.pieceId))
  const isOdd = ({ id, thing, lengthMm, sorting }: PieceSummary) =>
    thing !== 'cloth' && sorting !== 'give-away' && !apart.has(id) && (lengthMm !== null || thing !== 'offcut')
  return { things, candidates, offered: recentPieces(shelf, isOdd), most: MOST_USED_UP }
}

/** The panels of a thing: an offcut or a length as it lies, a garment as its block yields. */
async function thingOf(db: Notebook, gist: PieceSummary, reservations: Reservations) {
  const left = reservations.left(gist)
  const keptFor = [...new Set(left.taken.map(({ project }) => project))]
  const [[piece], [garment]] = await Promise.all([
    recordsByIds(db, 'piece', [gist.id]),
    recordsReferring(db, 'garment', 'pieceId', gist.id),
  ])
  const head = { id: gist.id, name: gist.name, tile: drawnAs(gist.weave, gist.look), keptFor }
  const outline = piece?.data.outline
  const flaws = piece?.data.flaws ?? []
  // What has no length to part is there for the project that reserved it.
  const isLength = !outline && (gist.thing === 'cloth' || gist.thing === 'offcut')
  const isGone = isUsedUp(gist) || (!isLength && keptFor.length > 0)
  if (isGone) return { ...head, panels: [], isReckoned: false, minutes: 0 }
  if (outline)
    return {
      ...head,
      panels: [panelOf(gist.id, outline.points, [...outline.holes, ...flaws])],
      isReckoned: false,
      minutes: 0,
    }
  if (isLength)
    return {
      ...head,
      isReckoned: false,
      minutes: 0,
      panels: gist.widthMm && left.mm ? [panelOf(gist.id, rectangle(gist.widthMm, left.mm), flaws)] : [],
    }
  const measured = garment?.data ?? GarmentSchema.parse({ pieceId: gist.id })
  if (measured.apart !== null) return { ...head, panels: [], isReckoned: false, minutes: 0 }
  const { panels, minutes } = tornDown({ garment: gist.thing, offer: gist.offer, ...measured })
  return {
    ...head,
    isReckoned: true,
    hemmed: panels.filter(({ hasHem }) => hasHem).map(({ id }) => `${gist.id} ${id}`),
    minutes,
    panels: panels.map(({ id, outline: points, holes, count, warpDeg }) => ({
      ...panelOf(`${gist.id} ${id}`, points, holes),
      count,
      warpDeg,
    })),
  }
}

function panelOf(id: string, outline: LayPanel['outline'], holes: LayPanel['holes']): LayPanel {
  return { id, outline, holes, warpDeg: 90, count: 1 }
}

/** Every pattern with outlines, its main pieces, and how well the first of these cloths suits it. */
async function candidatesFor(db: Notebook, gists: readonly PieceSummary[]) {
  const [patterns, pieces] = await Promise.all([listPatterns(db), allRecords(db, 'pattern-piece')])
  const byPattern = groupBy(pieces.kept, ({ data }) => data.patternId)
  return patterns.flatMap(({ id, name, need }) => {
    const all = (byPattern.get(id) ?? []).map((piece) => ({ id: piece.id, ...piece.data }))
    const main = piecesFor(all, 'main', '')
    const [size] = [...new Set(main.map((piece) => piece.size).filter(Boolean))].sort()
    const own = size === undefined ? main : main.filter((piece) => piece.size === '' || piece.size === size)
    if (own.length === 0) return []
    const candidate: UseUpCandidate = {
      id,
      name,
      pieces: own.map((piece) => ({ name: piece.name, ...layPiece(piece.id, piece, 1) })),
    }
    return [{ ...candidate, verdict: matchScore(need, itemAt(gists, 0).offer).verdict }]
  })
}

export type UseUpData = Awaited<ReturnType<typeof loadUseUp>>
