import { type Reading } from '../core/notebook/records'
import { type Notebook } from './database'

export interface KeptReading extends Reading {
  id: number
}

/** Readings of one piece, oldest first. */
export async function readingsOf(db: Notebook, pieceId: number): Promise<KeptReading[]> {
  const rows = await db.selectFrom('reading').selectAll().where('piece_id', '=', pieceId).orderBy('id').execute()
  return rows.map(fromRow)
}

/** Readings of every piece, by piece. */
export async function allReadings(db: Notebook): Promise<Map<number, Reading[]>> {
  const rows = await db.selectFrom('reading').selectAll().orderBy('id').execute()
  const byPiece = new Map<number, Reading[]>()
  for (const row of rows) byPiece.set(row.piece_id, [...(byPiece.get(row.piece_id) ?? []), fromRow(row)])
  return byPiece
}

export async function addReading(db: Notebook, pieceId: number, reading: Reading, at: string): Promise<void> {
  await db
    .insertInto('reading')
    .values({
      piece_id: pieceId, grams: reading.grams, resolution_grams: reading.resolutionGrams,
      length_mm: reading.lengthMm, width_mm: reading.widthMm, cut_error_mm: reading.cutErrorMm, measured_at: at,
    })
    .execute()
}

export async function removeReading(db: Notebook, pieceId: number, id: number): Promise<void> {
  await db.deleteFrom('reading').where('piece_id', '=', pieceId).where('id', '=', id).execute()
}

function fromRow(row: { id: number; grams: number; resolution_grams: number; length_mm: number; width_mm: number; cut_error_mm: number }) {
  return { id: row.id, grams: row.grams, resolutionGrams: row.resolution_grams, lengthMm: row.length_mm, widthMm: row.width_mm, cutErrorMm: row.cut_error_mm }
}
