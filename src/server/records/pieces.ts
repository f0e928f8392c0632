import { type Piece } from '../../core/notebook/kinds/piece'
import { type Notebook } from '../store/openNotebook'
import { findRecord } from '../store/repository'
import { type Kept, type RecordHead } from '../store/kept'

/** A piece with the head of its record. */
export type KeptPiece = Piece & RecordHead

export async function findPiece(db: Notebook, id: string): Promise<KeptPiece | undefined> {
  const found = await findRecord(db, 'piece', id)
  return found && flat(found)
}

function flat({ data, ...head }: Kept<'piece'>): KeptPiece {
  return { ...data, ...head }
}
