import { type FeatureId, type StateOf, type Tool } from '../../vocabulary/observations'
import { type Feature, type Hazard } from './types'

/**
 * Share of answers that are slips of the eye, nose or finger; from memory of teaching practice, deliberately
 * generous.
 */
const USUAL_SLIP = 0.06

const NEEDED_BY: Record<Hazard, readonly Tool[]> = {
  none: [],
  flame: ['flame'],
  solvent: ['acetone'],
  bleach: ['bleach'],
}

type Definition<F extends FeatureId> = Omit<
  Feature,
  'id' | 'states' | 'own' | 'slip' | 'salience' | 'multi' | 'needs'
> & {
  id: F
  needs?: readonly Tool[]
  multi?: boolean
  repeatCorrelation?: number
  slip?: number
  salience?: Feature['salience']
  states: readonly (readonly [id: StateOf<F>, label: string, help: string])[]
}

/** A feature from its own data. */
export function defineFeature<F extends FeatureId>({
  states,
  slip = USUAL_SLIP,
  salience = {},
  multi = false,
  needs,
  ...rest
}: Definition<F>): Feature {
  return {
    ...rest,
    multi,
    slip,
    salience,
    needs: needs ?? NEEDED_BY[rest.hazard],
    states: states.map(([id, label, help]) => ({ id, label, help })),
  }
}
