import { type PatternPiece } from '../../core/notebook/kinds/patternPiece'
import { type FoundPiece } from '../../core/outlines/types'
import { PatternPieceSchema } from '../../core/notebook/kinds/patternPiece'
import { type Notebook } from '../store/openNotebook'
import { GoneError } from '../store/errors'
import { createRecord, findRecord, recordsReferring, inTransaction } from '../store/repository'
import { type Kept } from '../store/kept'

/** More pieces than this no pattern has. */
const MOST_OF_ONE = 200

/** The pieces of a pattern, the first that was drawn first. */
export async function patternPieces(db: Notebook, patternId: string): Promise<Kept<'pattern-piece'>[]> {
  return recordsReferring(db, 'pattern-piece', 'patternId', patternId)
}

/**
 * Keeps pieces that were found in a file or drawn, all of them or none.
 * @param at ISO 8601; @returns how many
 * @throws GoneError where the pattern was thrown away, RangeError where it has too many pieces
 */
export async function keepFound(
  db: Notebook,
  patternId: string,
  found: readonly FoundPiece[],
  rest: Pick<PatternPiece, 'from' | 'isAbout'>,
  at: string,
): Promise<number> {
  return inTransaction(db, async (open) => {
    if (!(await findRecord(open, 'pattern', patternId))) throw new GoneError('pattern', patternId)
    const before = await recordsReferring(open, 'pattern-piece', 'patternId', patternId)
    if (before.length + found.length > MOST_OF_ONE) throw new RangeError(`A pattern can have ${MOST_OF_ONE} pieces.`)
    for (const piece of found) {
      const { name, outline, notches, marks, warpDeg, onFold, count, pair, size } = piece
      const data = { name, outline, notches, marks, warpDeg, onFold, count, pair, size, patternId, ...rest }
      await createRecord(open, 'pattern-piece', PatternPieceSchema.parse(data), at)
    }
    return found.length
  })
}
