import { PieceSchema, type Piece } from '../core/notebook/kinds/piece'
import { type Notebook } from './database'
import { GoneError } from './store/errors'
import { changeRecord, findRecord, within, type Kept, type RecordHead } from './store/repository'

/** A piece with the head of its record. */
export type KeptPiece = Piece & RecordHead

export async function findPiece(db: Notebook, id: string): Promise<KeptPiece | undefined> {
  const found = await findRecord(db, 'piece', id)
  return found && flat(found)
}

/** Changes a piece as it stands now, whatever revision a page saw of it: for changes that touch nothing else. */
export function changePiece(
  db: Notebook,
  id: string,
  at: string,
  change: (piece: Piece) => Piece,
): Promise<Kept<'piece'>> {
  return within(db, async (open) => {
    const found = await findRecord(open, 'piece', id)
    if (!found) throw new GoneError('piece', id)
    return changeRecord(open, 'piece', found, PieceSchema.parse(change(found.data)), at)
  })
}

function flat({ data, ...head }: Kept<'piece'>): KeptPiece {
  return { ...data, ...head }
}
