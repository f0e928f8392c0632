import { type PlacementField } from './field'
import { betterSpot } from './move'

/** How fast the weight of a pair grows that lies upon one another, at most and at least, and how it is forgotten. */
const GROWS_MOST = 1.4
const GROWS_LEAST = 1.05
const FORGETS = 0.95
/** Rounds without getting better, after which it is given up. */
const PATIENCE = 200

export interface Effort {
  /** Counts one item’s move; true once there is no more time. */
  spend(): boolean
}

/** What lies upon one another, by the numbers of the items (the same twice: off the cloth), and how deep, mm. */
type Depth = readonly [one: number, other: number, depth: number]

/**
 * Moves what lies upon something else, one item after the other, until nothing does (guided local search after
 * Umetani and others 2009 and Gardeyn and others 2025, as remembered).
 * @returns whether nothing lies upon anything any more; the field holds the best that was found; yields false, which
 *   is no news, after each round
 */
export function* separate(
  field: PlacementField,
  chance: () => number,
  effort: Effort,
  patience = PATIENCE,
): Generator<false, boolean> {
  let best = field.copy()
  let least = Infinity
  let waited = 0
  let depths = depthsOf(field)
  while (waited < patience) {
    const troubled = troubledBy(depths).filter((item) => !field.held.has(item))
    if (troubled.length === 0) return true
    shuffle(troubled, chance)
    for (const item of troubled) {
      if (effort.spend()) {
        field.restore(best)
        return false
      }
      const spot = betterSpot(field, item, chance)
      if (spot) field.put(item, spot)
    }
    yield false
    depths = depthsOf(field)
    if (depths.length === 0) return true
    weigh(field, depths)
    const total = depths.reduce((sum, [, , depth]) => sum + depth, 0)
    if (total < least * 0.999) {
      if (total < least * 0.98) waited = 0
      least = total
      best = field.copy()
    } else waited++
  }
  field.restore(best)
  return false
}

/** Every pair that lies upon one another, and what lies off the cloth. */
function depthsOf(field: PlacementField): Depth[] {
  const n = field.items.length
  const depths: Depth[] = []
  for (let i = 0; i < n; i++) {
    for (let j = i; j < n; j++) {
      const depth = i === j ? field.depthOff(i) : field.depth(i, j)
      if (depth > 0) depths.push([i, j, depth])
    }
  }
  return depths
}

/** The items that have a part in it, in order. */
function troubledBy(depths: readonly Depth[]): number[] {
  return [...new Set(depths.flatMap(([i, j]) => [i, j]))].sort((a, b) => a - b)
}

/** Makes the weight of what lies upon one another greater, the deepest most, and lets all others be forgotten. */
function weigh({ items, weights }: PlacementField, depths: readonly Depth[]): void {
  const n = items.length
  const deepest = Math.max(...depths.map(([, , depth]) => depth))
  const grown = depths.map(([i, j, depth]) => {
    const by = GROWS_LEAST + (GROWS_MOST - GROWS_LEAST) * (depth / deepest)
    return [i, j, weights[i * n + j]! * by] as const
  })
  for (let at = 0; at < weights.length; at++) weights[at] = Math.max(1, weights[at]! * FORGETS)
  for (const [i, j, weight] of grown) weights[i * n + j] = weights[j * n + i] = weight
}

function shuffle<T>(list: T[], chance: () => number): void {
  for (let i = list.length - 1; i > 0; i--) {
    const j = Math.floor(chance() * (i + 1))
    ;[list[i], list[j]] = [list[j]!, list[i]!]
  }
}
