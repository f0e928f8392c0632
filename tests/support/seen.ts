import { type Observation } from '@/core/identify/types'
import { type Part } from '@/core/vocabulary/observations'

/** Observations from a short record: `{ smell: 'paper', residue: ['soft-ash', 'hard-specks-in-ash'] }`. */
export function seen(record: Record<string, string | readonly string[]>, part: Part = 'whole'): Observation[] {
  return Object.entries(record).map(([feature, states]) => ({
    feature,
    states: typeof states === 'string' ? [states] : [...states],
    part,
  }))
}

/** A fixed sequence of numbers in [0, 1), for tests that need chance without surprises (mulberry32). */
export function dice(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
