import { type Piece } from '../core/notebook/kinds/piece'
import { type Notebook } from './database'
import { allRecords, findRecord, type Kept, type RecordHead } from './store/repository'

/** A piece with the head of its record. */
export type KeptPiece = Piece & RecordHead

/** Every piece that lies on a shelf. */
export async function listPieces(db: Notebook): Promise<KeptPiece[]> {
  return (await allRecords(db, 'piece')).kept.map(flat).filter(({ inHand }) => !inHand)
}

/** Cloths that were taken in the hand and are not put on a shelf yet, the newest first. */
export async function piecesInHand(db: Notebook): Promise<KeptPiece[]> {
  return (await allRecords(db, 'piece')).kept
    .map(flat)
    .filter(({ inHand }) => inHand)
    .reverse()
}

export async function findPiece(db: Notebook, id: string): Promise<KeptPiece | undefined> {
  const found = await findRecord(db, 'piece', id)
  return found && flat(found)
}

function flat({ data, ...head }: Kept<'piece'>): KeptPiece {
  return { ...data, ...head }
}
