import { type Selectable } from 'kysely'
import { ReadingSchema, type Reading } from '../core/notebook/records'
import { WASH_STATES, type WashState } from '../core/vocabulary/cloth'
import { type StatedReading } from '../core/notebook/sheet'
import { type Notebook } from './database'
import { grouped } from './grouped'
import { type ReadingTable } from './schema'

export interface KeptReading extends StatedReading {
  id: number
}

/** Readings of one piece, oldest first. */
export async function readingsOf(db: Notebook, pieceId: number): Promise<KeptReading[]> {
  const rows = await db.selectFrom('reading').selectAll().where('piece_id', '=', pieceId).orderBy('id').execute()
  return rows.map(fromRow)
}

/** Readings of every piece, by piece. */
export async function allReadings(db: Notebook): Promise<Map<number, KeptReading[]>> {
  return grouped(await db.selectFrom('reading').selectAll().orderBy('id').execute(), (row) => row.piece_id, fromRow)
}

export async function addReading(
  db: Notebook,
  pieceId: number,
  reading: Reading,
  state: WashState,
  at: string,
): Promise<void> {
  await db
    .insertInto('reading')
    .values({
      piece_id: pieceId,
      grams: reading.grams,
      resolution_grams: reading.resolutionGrams,
      length_mm: reading.lengthMm,
      width_mm: reading.widthMm,
      cut_error_mm: reading.cutErrorMm,
      layers: reading.layers ?? null,
      notions_grams: reading.notionsGrams ?? null,
      notions_error_grams: reading.notionsErrorGrams ?? null,
      humidity_percent: reading.humidityPercent ?? null,
      state,
      measured_at: at,
    })
    .execute()
}

export async function removeReading(db: Notebook, pieceId: number, id: number): Promise<void> {
  await db.deleteFrom('reading').where('piece_id', '=', pieceId).where('id', '=', id).execute()
}

function fromRow(row: Selectable<ReadingTable>): KeptReading {
  const reading = ReadingSchema.parse({
    grams: row.grams,
    resolutionGrams: row.resolution_grams,
    lengthMm: row.length_mm,
    widthMm: row.width_mm,
    cutErrorMm: row.cut_error_mm,
    layers: row.layers ?? undefined,
    notionsGrams: row.notions_grams ?? undefined,
    notionsErrorGrams: row.notions_error_grams ?? undefined,
    humidityPercent: row.humidity_percent ?? undefined,
  })
  return { id: row.id, ...reading, state: WASH_STATES.find((state) => state === row.state) ?? 'unknown' }
}
