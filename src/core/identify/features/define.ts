import { FIBRE_IDS, type FibreId } from '../../fibres/types'
import { type Tool } from '../types'
import { type Feature, type Hazard, type Row, type State, type Weights } from './types'

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

type Definition = Omit<Feature, 'states' | 'weights' | 'slip' | 'salience' | 'multi' | 'needs'> & {
  needs?: readonly Tool[]
  multi?: boolean
  slip?: number
  salience?: Feature['salience']
  states: readonly (readonly [id: string, label: string, help: string])[]
  rows: readonly Row[]
}

/**
 * A feature from its data, refused where the data has a hole.
 * @throws RangeError when a fibre has no row or two, or a row names an unknown state.
 */
export function defineFeature({
  rows,
  states,
  slip = USUAL_SLIP,
  salience = {},
  multi = false,
  needs,
  ...rest
}: Definition): Feature {
  const known = new Set(states.map(([id]) => id))
  const weights = new Map<FibreId, Weights>()
  for (const [fibres, row] of rows) {
    for (const state of Object.keys(row)) {
      if (!known.has(state)) throw new RangeError(`feature ${rest.id}: a row names the unknown state "${state}"`)
    }
    for (const fibre of fibres) {
      if (weights.has(fibre)) throw new RangeError(`feature ${rest.id}: ${fibre} has two rows`)
      weights.set(fibre, row)
    }
  }
  for (const fibre of FIBRE_IDS) {
    if (!weights.has(fibre)) throw new RangeError(`feature ${rest.id}: ${fibre} has no row`)
  }
  return {
    ...rest,
    multi,
    slip,
    salience,
    needs: needs ?? NEEDED_BY[rest.hazard],
    states: states.map(([id, label, help]): State => ({ id, label, help })),
    weights: Object.fromEntries(weights) as Record<FibreId, Weights>,
  }
}
