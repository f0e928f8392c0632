import { type Field } from './field'
import { betterSpot } from './move'

/** How fast the weight of a pair grows that lies upon one another, at most and at least, and how it is forgotten. */
const GROWS_MOST = 1.4
const GROWS_LEAST = 1.05
const FORGETS = 0.95
/** Rounds without getting better, after which it is given up. */
const PATIENCE = 120

export interface Effort {
  /** Counts one item’s move; true once there is no more time. */
  spend(): boolean
}

/**
 * Moves what lies upon something else, one item after the other, until nothing does (guided local search after
 * Umetani and others 2009 and Gardeyn and others 2025, as remembered).
 * @returns whether nothing lies upon anything any more; the field holds the best that was found
 */
export function* separate(
  field: Field,
  chance: () => number,
  effort: Effort,
  patience = PATIENCE,
): Generator<void, boolean> {
  let best = field.copy()
  let least = Infinity
  let waited = 0
  while (waited < patience) {
    const troubled = [...field.items.keys()].filter((item) => !field.held.has(item) && field.trouble(item) > 0)
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
    yield
    const total = weigh(field)
    if (total === 0) return true
    if (total < least * 0.999) {
      if (total < least * 0.98) waited = 0
      least = total
      best = field.copy()
    } else waited++
  }
  field.restore(best)
  return false
}

/** Makes the weight of each pair that lies upon one another greater. @returns mm of depth over all pairs */
function weigh(field: Field): number {
  const n = field.items.length
  const depths: [pair: number, other: number, depth: number][] = []
  let deepest = 0
  let total = 0
  for (let i = 0; i < n; i++) {
    for (let j = i; j < n; j++) {
      const depth = i === j ? field.depthOff(i) : field.depth(i, j)
      if (depth > 0) depths.push([i, j, depth])
      else forget(field, i, j)
      deepest = Math.max(deepest, depth)
      total += depth
    }
  }
  for (const [i, j, depth] of depths) {
    const by = GROWS_LEAST + (GROWS_MOST - GROWS_LEAST) * (depth / deepest)
    field.weights[i * n + j]! *= by
    if (i !== j) field.weights[j * n + i] = field.weights[i * n + j]!
  }
  return total
}

function forget(field: Field, i: number, j: number): void {
  const n = field.items.length
  const lighter = Math.max(1, field.weights[i * n + j]! * FORGETS)
  field.weights[i * n + j] = lighter
  field.weights[j * n + i] = lighter
}

export function shuffle<T>(list: T[], chance: () => number): void {
  for (let i = list.length - 1; i > 0; i--) {
    const j = Math.floor(chance() * (i + 1))
    ;[list[i], list[j]] = [list[j]!, list[i]!]
  }
}
