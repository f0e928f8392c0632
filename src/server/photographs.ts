import { PieceSchema, type Piece } from '../core/notebook/kinds/piece'
import { type Notebook } from './database'
import { runHeavy } from './heavy/pool'
import { readPicture, removePicture, savePicture } from './pictures'
import { GoneError } from './store/errors'
import { changeRecord, findRecord, within, type Kept } from './store/repository'

/**
 * Adds a photograph to a piece: the file lies on the disk before the row names it, and goes again where the row cannot
 * be written. The first one gives the piece its main colours.
 * @throws RangeError where it is no picture, GoneError where the piece was taken away, ZodError where it has too many
 */
export async function addPhotograph(
  db: Notebook,
  home: string,
  pieceId: string,
  bytes: Uint8Array,
  at: string,
): Promise<Kept<'piece'>> {
  if (!(await findRecord(db, 'piece', pieceId))) throw new GoneError('piece', pieceId)
  const name = await savePicture(home, bytes)
  try {
    const kept = await readPicture(home, name)
    const found = kept ? await runHeavy('coloursOf', { bytes: new Uint8Array(kept.bytes) }) : []
    return await changePiece(db, pieceId, at, (piece) => ({
      ...piece,
      pictures: [...piece.pictures, { name, says: '' }],
      colours: piece.colours.length > 0 ? piece.colours : found.map(({ hex }) => hex),
    }))
  } catch (error) {
    await removePicture(home, name)
    throw error
  }
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
