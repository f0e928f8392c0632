import { type Notebook } from './database'
import { runHeavy } from './heavy/pool'
import { readPicture, removePicture, savePicture } from './pictures'
import { changePiece } from './pieces'
import { GoneError } from './store/errors'
import { findRecord, type Kept } from './store/repository'

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
