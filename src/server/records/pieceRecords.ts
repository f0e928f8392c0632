import { type Piece } from '../../core/notebook/kinds/piece'
import { type KeptMeasurement } from '../../core/notebook/measurements'
import { type KeptTest } from './burnTests'
import { type Notebook } from '../store/openNotebook'
import { groupBy } from '../store/groupBy'
import { keptMeasurementOf } from './measurements'
import { type KeptPiece } from './pieces'
import { oneClothWith } from '../store/relatedPieces'
import { recordsByIds, recordsReferringToAny } from '../store/repository'

/** Where evidence comes from another piece of the same cloth, which. */
type OnKin = Pick<KeptMeasurement, 'on'>

/**
 * Records of one piece, as the person wrote them. What was found out of another piece of the same cloth counts here
 * too, and says of which.
 */
export interface PieceRecords {
  piece: KeptPiece
  measurements: KeptMeasurement[]
  tests: (KeptTest & OnKin)[]
}

/** The records of these pieces; those that are not there, or cannot be read, are left out. */
export async function recordsOfPieces(db: Notebook, ids: readonly string[]): Promise<PieceRecords[]> {
  const kin = await oneClothWith(db, ids)
  const asked = new Set(ids)
  const others = new Set([...kin.values()].flatMap((all) => all.map((one) => one.id)).filter((id) => !asked.has(id)))
  const everyone = [...ids, ...others]
  const [pieces, measurements, tests] = await Promise.all([
    recordsByIds(db, 'piece', everyone),
    recordsReferringToAny(db, 'measurement', 'pieceId', everyone),
    recordsReferringToAny(db, 'burn-test', 'pieceId', everyone),
  ])
  const byId = new Map(pieces.map((piece) => [piece.id, piece]))
  const measuredBy = groupBy(measurements, ({ data }) => data.pieceId)
  const testedBy = groupBy(tests, ({ data }) => data.pieceId)
  const evidenceOf = (id: string, on: OnKin) => ({
    measurements: (measuredBy.get(id) ?? []).map((one) => ({ ...keptMeasurementOf(one), ...on })),
    tests: (testedBy.get(id) ?? []).map(({ data, ...head }) => ({ ...data, ...head, ...on })),
  })
  return ids.flatMap((id) => {
    const own = byId.get(id)
    if (!own) return []
    const { data, ...head } = own
    const relatives = (kin.get(id) ?? []).flatMap(({ id: other, byCut }) => {
      const found = byId.get(other)
      return found && (byCut || mayBeOneCloth(data, found.data)) ? found : []
    })
    const all = [
      evidenceOf(id, {}),
      ...relatives.map((other) => evidenceOf(other.id, { on: { id: other.id, name: other.data.name } })),
    ]
    return {
      piece: { ...data, ...head },
      measurements: all.flatMap((one) => one.measurements),
      tests: all.flatMap((one) => one.tests),
    }
  })
}

/**
 * Whether two pieces of a lot may be of one cloth by what is written of them: who puts things into one lot that only
 * came together is not told of one what was found of the other.
 */
function mayBeOneCloth(a: Piece, b: Piece): boolean {
  const agree = (one: string, other: string) =>
    one === '' || other === '' || one.toLowerCase() === other.toLowerCase()
  const claimOf = ({ claim }: Piece) =>
    claim
      .map(({ fibre, percent }) => `${fibre} ${percent}`)
      .sort()
      .join()
  return (
    agree(a.called.trim(), b.called.trim()) &&
    agree(a.construction ?? '', b.construction ?? '') &&
    agree(claimOf(a), claimOf(b))
  )
}
