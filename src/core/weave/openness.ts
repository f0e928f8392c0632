import { type Interlacing } from '../vocabulary/cloth'

/** Share of its area that is usually hole, by how a cloth is made; from memory, for cloth of middling closeness. */
const OPEN: Readonly<Partial<Record<Interlacing, number>>> = {
  plain: 0.08,
  basket: 0.08,
  leno: 0.45,
  mesh: 0.6,
  jersey: 0.08,
  'rib-knit': 0.04,
  felt: 0,
  skin: 0,
  sheet: 0,
  twill: 0.02,
  satin: 0.01,
  sateen: 0.01,
  waffle: 0.06,
  pile: 0,
  'pile-ribs': 0,
  'double-cloth': 0,
}

/** Share of the area that is hole where the threads were not counted. */
export function usualOpenShare(interlacing: Interlacing): number {
  return OPEN[interlacing] ?? 0.04
}
