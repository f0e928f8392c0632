import { fibreById } from '../fibres/catalogue'
import { FIBRE_IDS, type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type Topic } from './topics'
import { mustHave } from '../lists/items'

/** What somebody says that a specimen is, and how sure. */
export interface SaidAnswer {
  family: FamilyId
  /** Empty where only the family is ventured. */
  fibres: readonly FibreId[]
  /** That the family is right, 0.5 … 1. */
  sure: number
}

export interface JudgedAnswer {
  familyRight: boolean
  /** Every fibre and no other; null where none was ventured. */
  fibreRight: boolean | null
}

/**
 * Whether an answer is right: the family of what is most of it, or of either set where warp and weft differ; and its
 * fibres whatever their shares. Nobody can tell the fibre under a finish: it is not judged.
 */
export function judgeAnswer(
  { components, families, weft = [], finish }: Topic,
  { family, fibres }: SaidAnswer,
): JudgedAnswer {
  const [main] = components
  const isEither = families.length === 1 || weft.length > 0 || finish !== undefined
  const familyRight = isEither ? families.includes(family) : family === fibreById(mustHave(main).fibre).family
  if (finish !== undefined) return { familyRight, fibreRight: null }
  const own = FIBRE_IDS.filter((id) => [...components, ...weft].some(({ fibre }) => fibre === id)).join('+')
  const said = FIBRE_IDS.filter((id) => fibres.includes(id)).join('+')
  return { familyRight, fibreRight: fibres.length === 0 ? null : own === said }
}
