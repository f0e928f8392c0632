import { type Assessment, type MatchProperty } from './types'
import { mustHave } from '../../lists/items'

/** A property that is unknown is taken to fit about this well: neither a recommendation nor a refusal. */
export const UNKNOWN_FIT = 0.85

/** The product over properties of 1 − importance · (1 − fit); one property’s fit replaced, where one is named. */
export function matchScoreOf(assessments: readonly Assessment[], property?: MatchProperty, as?: number): number {
  return assessments.reduce((score, a) => {
    const fit = a.property === property ? mustHave(as) : (a.fit ?? UNKNOWN_FIT)
    return score * (1 - a.importance * (1 - fit))
  }, 1)
}
