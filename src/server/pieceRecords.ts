import { type Notebook } from './database'
import { recordsByIds, recordsReferringToAny } from './store/repository'
import { type KeptMeasurement } from '../core/notebook/measurements'
import { type KeptTest } from './burnTests'
import { told } from './measurements'
import { type KeptPiece } from './pieces'
import { grouped } from './grouped'

/** Records of one piece, as the person wrote them. */
export interface PieceRecords {
  piece: KeptPiece
  measurements: KeptMeasurement[]
  tests: KeptTest[]
}

/** The records of these pieces; those that are not there, or cannot be read, are left out. */
export async function recordsOfPieces(db: Notebook, ids: readonly string[]): Promise<PieceRecords[]> {
  const [pieces, measurements, tests] = await Promise.all([
    recordsByIds(db, 'piece', ids),
    recordsReferringToAny(db, 'measurement', 'pieceId', ids),
    recordsReferringToAny(db, 'burn-test', 'pieceId', ids),
  ])
  const measuredBy = grouped(measurements, ({ data }) => data.pieceId)
  const testedBy = grouped(tests, ({ data }) => data.pieceId)
  return pieces.map(({ data, ...head }) => ({
    piece: { ...data, ...head },
    measurements: (measuredBy.get(head.id) ?? []).map(told),
    tests: (testedBy.get(head.id) ?? []).map((one) => {
      const { data: test, ...testHead } = one
      return { ...test, ...testHead }
    }),
  }))
}
