import { features, type Feature } from './features'
import { PARTS, type Part } from '../vocabulary/observations'
import { type Observation } from './types'
import { itemAt } from '../lists/items'

/** An observation, and the specimen that it was made on. */
export interface SpecimenObservation extends Observation {
  specimen: number
}

/** What the specimens of one part showed of one feature. */
export interface Repeat {
  feature: Feature
  part: Part
  /** States by specimen, the first first; only those that saw something. */
  bySpecimen: readonly { specimen: number; states: readonly string[] }[]
  /** `once` where only one specimen saw it; `agree` where all share a state; `differ` where not. */
  how: 'once' | 'agree' | 'differ'
}

/** Specimens side by side, a row a feature and part, in the order of the test. Nothing is averaged. */
export function reportRepeatsOf(observations: readonly SpecimenObservation[]): Repeat[] {
  return PARTS.flatMap((part) =>
    features.flatMap((feature): Repeat[] => {
      const bySpecimen = observations
        .filter((one) => one.feature === feature.id && (one.part ?? 'whole') === part && one.states.length > 0)
        .map(({ specimen, states }) => ({ specimen, states }))
        .sort((a, b) => a.specimen - b.specimen)
      if (bySpecimen.length === 0) return []
      const shared = itemAt(bySpecimen, 0).states.some((state) =>
        bySpecimen.every(({ states }) => states.includes(state)),
      )
      return [{ feature, part, bySpecimen, how: bySpecimen.length === 1 ? 'once' : shared ? 'agree' : 'differ' }]
    }),
  )
}
