import { comfortOf } from '@/core/choose/comfort/comfort'
import { pieceOffer } from '@/core/choose/pieceOffer'
import { COMMON_NEEDS, worthMeasuring } from '@/core/choose/worthMeasuring'
import { materialIdOf } from '@/core/fabric/materialOf'
import { thicknessOf } from '@/core/fabric/thickness'
import { materialTold } from '@/core/materials/told'
import { foretellingRecord } from '@/core/notebook/foretell'
import { type RecordData } from '@/core/notebook/kinds'
import { readingFormOf, type KeptMeasurement } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import { propertiesOf, type PropertyRow } from '@/core/notebook/properties'
import { formatLength, type UnitSystem } from '@/core/units/format'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook, type Notebook } from '@/server/database'
import { runningGroupsBy, runningPart } from '@/core/stashSearch/stashIndex/running'
import { listPatterns } from '@/server/records/patterns'
import { keepersOf } from '@/server/records/projects'
import { loadReservations, type Reservations } from '@/server/records/reservations'
import { type Kept } from '@/server/store/kept'
import { gistOfEntry } from '@/server/cache/remember'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { type KeptPiece } from '@/server/records/pieces'
import { findRecord, listRecords, recordsReferringToAny } from '@/server/store/repository'
import { historyOf } from '@/server/store/history'
import { type KeptTest } from '@/server/records/burnTests'
import { readStashEntry } from '@/server/records/stash'
import { tileOf } from '@/ui/cloth/spec'
import { continueWords, unfinishedBurn } from '../../shared/burn/session'
import { pieceWords } from '../../shared/stash/describe'
import { strokeWords } from '../../shared/history/strokeWords'
import { type RelatedPiecesData, type PieceData, type SheetRow } from './types'

/** @returns undefined where there is no such piece */
export async function loadPiece(
  id: string,
  { units, words }: { units: UnitSystem; words: Vocabulary },
): Promise<PieceData | undefined> {
  const db = await notebook()
  const [entry, shelf, patterns, history, cuts] = await Promise.all([
    readStashEntry(db, id, words),
    shelfOf(db, words),
    listPatterns(db),
    historyOf(db, id),
    recordsReferringToAny(db, 'cut', 'pieceId', [id]),
  ])

  if (!entry) return undefined
  const { piece, measurements, tests, sheet } = entry
  const keptBy = await keepersOf(db, id)
  // What is reserved is asked only of a piece that a project holds.
  const reservations = keptBy.length > 0 ? await loadReservations(db, shelf) : null
  const rows = propertiesOf(piece, measurements, sheet, units, words)
  const offer = pieceOffer(entry, sheet)
  const materialId = materialIdOf(offer)
  return {
    piece,
    tile: tileOf(piece),
    summary: pieceWords(gistOfEntry(entry), units, words),
    rows: rows.map((row) => ({ ...row, readings: readingsUnder(row, rows, measurements, units) })),
    weighings: ofKind(measurements, 'weighing').flatMap(({ state, data }) => (state === piece.washed ? [data] : [])),
    tests: tests.map(({ id: testId, answers, on }) => ({ id: testId, answers, on })),
    unfinished: unfinishedOf(tests),
    belief: sheet.belief,
    worth: worthMeasuring({ piece, measurements }, sheet, patterns.length > 0 ? patterns : COMMON_NEEDS),
    kin: await kinOf(db, shelf, piece, units, cuts),
    keptBy,
    length: lengthOf(piece, cuts, reservations),
    comfort: comfortOf(offer, true),
    material: materialId ? materialTold(materialId, words, thicknessOf(offer)?.value) : null,
    history: history.map(({ stroke, at, isUndone, undoes, steps }) => ({
      stroke,
      at,
      isUndone,
      undoes,
      says: strokeWords(steps),
    })),
    foretelling: foretellingRecord(
      shelf
        .follow('foretold', () => runningPart(({ foretold }) => foretold !== null))
        .flatMap(({ foretold }) => foretold ?? []),
    ),
  }
}

function unfinishedOf(tests: readonly KeptTest[]): PieceData['unfinished'] {
  for (const test of tests.toReversed()) {
    const left = unfinishedBurn(test)
    if (left) return { id: test.id, answers: left.question - 1, says: continueWords(left) }
  }
  return null
}

/** The readings that a line rests on; those of one measurement stand under the first line that it gives. */
function readingsUnder(
  row: PropertyRow,
  rows: readonly PropertyRow[],
  measurements: readonly KeptMeasurement[],
  units: UnitSystem,
): SheetRow['readings'] {
  if (row.test === null || rows.find(({ test }) => test === row.test) !== row) return []
  return measurements.flatMap(({ id, state, data, on }) => {
    const { kind, form } = readingFormOf(data)
    return kind.id === row.test
      ? [{ id, state, on, text: form.says(data, units), picture: data.kind === 'count' ? data.picture : null }]
      : []
  })
}

function cutWords({ lengthMm, what }: RecordData<'cut'>, units: UnitSystem): string {
  const length = lengthMm === null ? 'cut' : `${formatLength(lengthMm, units)} cut`
  return what ? `${length} for ${what}` : length
}

/** Lots that are offered at once; any other has a piece that leads to it. */
const LOTS_OFFERED = 6

function lengthOf(
  { id, lengthMm, sorting }: KeptPiece,
  cuts: readonly Kept<'cut'>[],
  reservations: Reservations | null,
): PieceData['length'] {
  if (lengthMm === null) return null
  const { mm, taken, unmet } = reservations?.left({ id, lengthMm, sorting }) ?? { mm: lengthMm, taken: [], unmet: [] }
  const cutMm = cuts.reduce((sum, { data }) => sum + (data.lengthMm ?? 0), 0)
  return { freeMm: mm ?? lengthMm, isPromised: unmet.length > 0, reserved: taken, cutMm }
}

async function kinOf(
  db: Notebook,
  shelf: Shelf,
  piece: KeptPiece,
  units: UnitSystem,
  cuts: readonly Kept<'cut'>[],
): Promise<RelatedPiecesData> {
  const [parent, lots] = await Promise.all([
    piece.cutFromId ? findRecord(db, 'piece', piece.cutFromId) : undefined,
    listRecords(db, 'lot', { limit: LOTS_OFFERED, newestFirst: true }),
  ])
  const lot = piece.lotId ? await findRecord(db, 'lot', piece.lotId) : undefined
  const byLot = shelf.follow('by lot', () => runningGroupsBy('lotId'))
  const byParent = shelf.follow('by what it was cut from', () => runningGroupsBy('cutFromId'))
  const others = byLot.of(piece.lotId ?? '').filter(({ id }) => id !== piece.id)
  return {
    cutFrom: parent ? { id: parent.id, name: parent.data.name } : null,
    offcuts: byParent.of(piece.id).map(({ id, name }) => ({ id, name })),
    cuts: cuts
      .map(({ id, data }) => ({ id, on: data.on, says: cutWords(data, units) }))
      .sort((a, b) => b.on.localeCompare(a.on)),
    lot: lot ? { id: lot.id, name: lot.data.name, others: others.length } : null,
    lots: lots.kept.map(({ id, data: { name } }) => ({ id, name })),
  }
}
