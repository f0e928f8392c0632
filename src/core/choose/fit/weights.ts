import { type HowKnown } from '../../fabric/types'
import { type Assessment, type OfferProperty } from './types'

/** How surely a property is known, by how it came to be known; from memory. */
export const CERTAINTY: Record<HowKnown, number> = { measured: 1, said: 0.9, estimated: 0.5 }

/** What a cloth is called says almost for sure whether it is woven or knit. */
export const NAMED_STRUCTURE = 0.95

/** How much each property can take off a score, 0 to 1. Common practice, ours to weigh. */
export const IMPORTANCE = {
  structure: 0.9,
  stretchRelied: 0.85,
  stretch: 0.35,
  weight: 0.7,
  body: 0.5,
  opacity: 0.45,
  season: 0.25,
  /** On bare skin in the heat. */
  seasonOnHotSkin: 0.4,
  /** One detail that goes wrong. */
  detail: 0.35,
  washing: 0.08,
  name: 0,
} as const

/** What stands where a property is not known. */
export function unknownAssessment(property: OfferProperty, importance: number, text: string): Assessment {
  return { property, importance, fit: null, certainty: 0, miss: null, text }
}
