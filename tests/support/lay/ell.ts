import { type Outline } from '@/core/shapes/polygon'

/** A facing with a bay, 300 mm by 400 mm. */
export const ELL: Outline = [
  [0, 0],
  [300, 0],
  [300, 80],
  [80, 80],
  [80, 400],
  [0, 400],
]
