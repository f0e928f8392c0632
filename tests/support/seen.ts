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

/** A fixed sequence of numbers in [0, 1), for tests that need chance without surprises. */
export { seededRandom as dice } from '@/core/numbers/seededRandom'
