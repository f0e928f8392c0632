import { type Need } from '../notebook/schemas/need'
import { type PieceEvidence, type PropertySheet } from '../notebook/sheet'
import { match } from './match'
import { pieceOffer } from './pieceOffer'
import { type OfferProperty } from './fit/types'

/** A measurement that is not taken yet, by what it would change. */
export interface WorthMeasuring {
  /** As the choosing calls it: weight, stretch-width, body, … */
  property: OfferProperty
  /** How many patterns' scores it could move, and by how much at most, 0 … 1. */
  patterns: number
  mostGain: number
  /** Of which pattern that is. */
  of: string
  total: number
}

/** What to measure next of a piece: the property whose knowledge would move the scores of the patterns most, first. */
export function worthMeasuring(
  evidence: Pick<PieceEvidence, 'piece' | 'measurements'>,
  sheet: PropertySheet,
  patterns: readonly { name: string; need: Need }[],
): WorthMeasuring[] {
  const offer = pieceOffer(evidence, sheet)
  const found = new Map<OfferProperty, WorthMeasuring>()
  for (const { name, need } of patterns) {
    for (const { property, gain } of match(need, offer).measureNext) {
      const before = found.get(property) ?? { property, patterns: 0, mostGain: 0, of: name, total: 0 }
      found.set(property, {
        property,
        patterns: before.patterns + 1,
        total: before.total + gain,
        ...(gain > before.mostGain ? { mostGain: gain, of: name } : { mostGain: before.mostGain, of: before.of }),
      })
    }
  }
  return [...found.values()].sort((a, b) => b.total - a.total)
}

/** Needs to reason with where no pattern is written down: one of each common kind. */
export const COMMON_NEEDS: readonly { name: string; need: Need }[] = [
  { name: 'a shirt', need: { garment: 'shirt' } },
  { name: 'a fluid dress', need: { garment: 'dress-fluid' } },
  { name: 'trousers', need: { garment: 'trousers' } },
  { name: 'a knit T-shirt', need: { garment: 'tee-knit' } },
  { name: 'a casual jacket', need: { garment: 'jacket-casual' } },
  { name: 'a full skirt', need: { garment: 'skirt-full' } },
]
