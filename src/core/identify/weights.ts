import { reportsOf } from '../fibres/reports'
import { type FeatureId } from '../vocabulary/observations'
import { type Feature, type FibreWeights } from './features/types'

const common = new Map<FeatureId, FibreWeights>()

/**
 * How often each state is reported of each fibre: by this person, where the feature is bent to them, else as each
 * fibre's file says. Kept apart from the questions, so that a page that only asks loads no table.
 */
export function weightsOf({ id, own }: Pick<Feature, 'id' | 'own'>): FibreWeights {
  if (own) return own
  const known = common.get(id)
  if (known) return known
  const rows = reportsOf(id) as FibreWeights
  common.set(id, rows)
  return rows
}
