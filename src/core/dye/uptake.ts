import { fibreById } from '../fibres/catalogue'
import { type DyeClass } from '../vocabulary/dyes'
import { type FibreId } from '../vocabulary/fibres'

/** Share of a full shade that a fibre takes in a bath of a kind of dye, 0 … 1. */
export function uptakeIn(fibre: FibreId, bath: DyeClass): number {
  const { dyeClass, own, other = {} } = fibreById(fibre).dye
  if (bath === 'none') return 0
  return dyeClass === bath ? own : (other[bath] ?? 0.02 * own)
}
