import { type HemId } from '../seamWords'
import { type Points, type Rule } from '../rule'

/** Corsets and stays. Common practice. */
export const corsetHems: readonly Rule<Points<HemId>>[] = [
  {
    id: 'hem-corset-binding',
    when: (c) => c.makes('corset'),
    gives: { banded: 16, double: -8 },
    text: 'top and bottom are bound, so that no bone works through.',
    safety: 3,
  },
]
export const corsetOrder: readonly Rule<null>[] = [
  {
    id: 'corset-strength',
    when: (c) => c.makes('corset'),
    gives: null,
    text:
      'Put a strength layer of coutil or drill under the fabric, a waist tape across it, and bones in ' +
      'before the binding.',
    safety: 2,
  },
]
export const rainOrder: readonly Rule<null>[] = [
  {
    id: 'seal-seams',
    when: (c) => c.makes('raincoat'),
    gives: null,
    text: 'Seal the seams with tape or glue inside the allowance: rain comes in through the needle holes.',
    safety: 1,
  },
]
