import { type FibreId } from '@/core/vocabulary/fibres'

/** A cloth as made: fibres with true shares by mass, summing to 1. */
export type Cloth = readonly (readonly [FibreId, number])[]

type Range = readonly [low: number, high: number]

/**
 * What comes across a table, as recipes: how often, and of what, with the range of each share but the first (which
 * takes the rest).
 */
const recipes: readonly (readonly [weight: number, first: FibreId, ...rest: (readonly [FibreId, Range])[]])[] = [
  [22, 'cotton'],
  [5, 'linen'],
  [1, 'hemp'],
  [1, 'ramie'],
  [1, 'jute'],
  [8, 'viscose'],
  [1.5, 'modal'],
  [2, 'lyocell'],
  [1, 'cupro'],
  [3, 'acetate'],
  [1, 'triacetate'],
  [8, 'wool'],
  [2, 'hair'],
  [5, 'silk'],
  [20, 'polyester'],
  [4, 'nylon'],
  [5, 'acrylic'],
  [0.7, 'modacrylic'],
  [1, 'polypropylene'],
  [0.12, 'glass'],
  [0.5, 'metallic'],
  [9, 'cotton', ['polyester', [0.2, 0.65]]],
  [3, 'viscose', ['polyester', [0.15, 0.6]]],
  [4, 'cotton', ['elastane', [0.02, 0.06]]],
  [1, 'viscose', ['elastane', [0.03, 0.07]]],
  [2, 'polyester', ['elastane', [0.03, 0.12]]],
  [1.5, 'nylon', ['elastane', [0.1, 0.22]]],
  [1.5, 'linen', ['cotton', [0.3, 0.6]]],
  [1.5, 'linen', ['viscose', [0.3, 0.55]]],
  [2.5, 'wool', ['polyester', [0.2, 0.6]]],
  [1.6, 'wool', ['nylon', [0.15, 0.4]]],
  [1.4, 'wool', ['acrylic', [0.3, 0.7]]],
  [0.8, 'wool', ['viscose', [0.2, 0.5]]],
  [1, 'wool', ['cotton', [0.3, 0.6]]],
  [0.4, 'wool', ['silk', [0.2, 0.5]]],
  [0.7, 'wool', ['hair', [0.1, 0.5]]],
  [1, 'silk', ['cotton', [0.3, 0.6]]],
  [0.4, 'silk', ['viscose', [0.4, 0.7]]],
  [0.6, 'cotton', ['acrylic', [0.3, 0.6]]],
  [0.8, 'cotton', ['nylon', [0.15, 0.4]]],
  [0.5, 'viscose', ['nylon', [0.2, 0.45]]],
  [1, 'cotton', ['viscose', [0.3, 0.6]]],
  [0.6, 'polyester', ['nylon', [0.2, 0.5]]],
  [0.5, 'acrylic', ['polyester', [0.2, 0.5]]],
  [0.4, 'viscose', ['acetate', [0.3, 0.6]]],
  [1.6, 'cotton', ['polyester', [0.2, 0.45]], ['elastane', [0.02, 0.05]]],
  [1.4, 'polyester', ['viscose', [0.2, 0.35]], ['elastane', [0.02, 0.06]]],
  [0.7, 'viscose', ['nylon', [0.2, 0.35]], ['elastane', [0.03, 0.06]]],
  [0.8, 'cotton', ['polyester', [0.25, 0.4]], ['viscose', [0.15, 0.3]]],
  [0.4, 'wool', ['viscose', [0.2, 0.35]], ['nylon', [0.1, 0.25]]],
  [0.6, 'wool', ['polyester', [0.3, 0.45]], ['elastane', [0.02, 0.04]]],
]
const totalWeight = recipes.reduce((sum, [weight]) => sum + weight, 0)

/** One cloth; `chance` gives numbers in [0, 1). */
export function drawCloth(chance: () => number): Cloth {
  let left = chance() * totalWeight
  const [, first, ...rest] = recipes.find(([weight]) => (left -= weight) < 0) ?? recipes[0]!
  const shares = rest.map(([fibre, [low, high]]) => [fibre, low + (high - low) * chance()] as const)
  return [[first, 1 - shares.reduce((sum, [, share]) => sum + share, 0)], ...shares]
}
