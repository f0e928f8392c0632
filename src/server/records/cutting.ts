import { CutSchema, offcutOf, pieceAfterCut, type Cut } from '../../core/notebook/cut'
import { dayOf } from '../../core/units/day'
import { GoneError, RefusedError } from '../store/errors'
import { type Notebook } from '../store/openNotebook'
import { changeRecord, createRecord, findRecord, inTransaction } from '../store/repository'

/** More is cut off than there is. */
export class TooLongError extends RefusedError {
  constructor() {
    super('There is not so much of it left.', 'lengthMm')
  }
}

/**
 * Cuts from a piece, in one stroke: the cut and what is left are written down, and its offcuts become pieces that
 * know what they were cut from. A piece that is cut up altogether stays, with nothing left of it.
 * @param at ISO 8601
 * @param id of the cut, made by whoever asks: asked again, since the answer was lost, nothing is cut twice
 * @returns ids of the offcuts; none where it was cut already
 * @throws GoneError where the piece was taken away, TooLongError where more is cut off than there is
 */
export async function cutFrom(db: Notebook, cut: Cut, at: string, id?: string): Promise<string[]> {
  const { pieceId, lengthMm, all, what, offcuts } = CutSchema.parse(cut)
  return inTransaction(db, async (open) => {
    if (id !== undefined && (await findRecord(open, 'cut', id))) return []
    const found = await findRecord(open, 'piece', pieceId)
    if (!found) throw new GoneError('piece', pieceId)
    const { data: piece } = found
    const left = pieceAfterCut(piece, { lengthMm, all })
    if (!left) throw new TooLongError()
    await changeRecord(open, 'piece', found, left, at)
    await createRecord(open, 'cut', { pieceId, on: dayOf(at), lengthMm, what }, at, id)
    const ids: string[] = []
    for (const offcut of offcuts) {
      const data = offcutOf(piece, pieceId, offcut)
      ids.push((await createRecord(open, 'piece', data, at)).id)
    }
    return ids
  })
}
