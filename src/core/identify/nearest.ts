import { FIBRE_IDS, type FibreId } from '../vocabulary/fibres'
import { tellsApart, type Telling } from './tellsApart'

/** A fibre that is taken for another, and the look that parts them best; null where none does. */
export interface Near {
  fibre: FibreId
  best: Telling | null
}

const known = new Map<FibreId, readonly Near[]>()

/** The fibres that are the hardest to tell from one, by the look that parts them best; the hardest first. */
export function nearestTo(fibre: FibreId): readonly Near[] {
  const before = known.get(fibre)
  if (before) return before
  const near = FIBRE_IDS.filter((id) => id !== fibre)
    .map((id): Near => ({ fibre: id, best: tellsApart(fibre, id)[0] ?? null }))
    .sort((a, b) => (a.best?.bits ?? 0) - (b.best?.bits ?? 0))
  known.set(fibre, near)
  return near
}
