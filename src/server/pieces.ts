import { type Insertable, type Selectable } from 'kysely'
import { PieceSchema, type Piece } from '../core/notebook/records'
import { type Notebook } from './database'
import { type PieceTable } from './schema'

export interface KeptPiece extends Piece {
  id: number
}

export async function listPieces(db: Notebook): Promise<KeptPiece[]> {
  const rows = await db.selectFrom('piece').selectAll().orderBy('id').execute()
  return rows.map(fromRow)
}

export async function findPiece(db: Notebook, id: number): Promise<KeptPiece | undefined> {
  const row = await db.selectFrom('piece').selectAll().where('id', '=', id).executeTakeFirst()
  return row && fromRow(row)
}

/** Writes a piece; answers its id. */
export async function addPiece(db: Notebook, piece: Piece, at: string): Promise<number> {
  const { id } = await db
    .insertInto('piece')
    .values({ ...toRow(piece), created_at: at })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}

export async function changePiece(db: Notebook, id: number, piece: Piece): Promise<void> {
  await db.updateTable('piece').set(toRow(piece)).where('id', '=', id).execute()
}

/** Removes a piece with its readings and tests. */
export async function removePiece(db: Notebook, id: number): Promise<void> {
  await db.deleteFrom('piece').where('id', '=', id).execute()
}

function toRow(piece: Piece): Omit<Insertable<PieceTable>, 'created_at'> {
  return {
    name: piece.name,
    called: piece.called,
    construction: piece.construction,
    width_mm: piece.widthMm,
    length_mm: piece.lengthMm,
    place: piece.place,
    source: piece.source,
    notes: piece.notes,
    washed: piece.washed,
    body: piece.body,
    opacity: piece.opacity,
    stretch_width_percent: piece.stretchWidthPercent,
    claim: JSON.stringify(piece.claim),
    look: JSON.stringify(piece.look),
  }
}

function fromRow({ id, ...row }: Selectable<PieceTable>): KeptPiece {
  const piece = PieceSchema.parse({
    name: row.name,
    called: row.called,
    construction: row.construction,
    widthMm: row.width_mm,
    lengthMm: row.length_mm,
    place: row.place,
    source: row.source,
    notes: row.notes,
    washed: row.washed,
    body: row.body,
    opacity: row.opacity,
    stretchWidthPercent: row.stretch_width_percent,
    claim: JSON.parse(row.claim),
    look: JSON.parse(row.look),
  })
  return { id, ...piece }
}
