import { type Body } from '../../vocabulary/cloth'

/** What a detail asks beyond the garment, and how it is rescued; common practice, limits from memory. */
export interface DetailRule {
  /** g/m²; either end may be open. */
  gsm?: readonly [number | null, number | null]
  body?: readonly Body[]
  /** g/m² to which a soft, pliable cloth may go; as `gsm` where left out. */
  pliableTo?: number
  /** What melts can be set in it by heat for good, however softly it falls. */
  heatSets?: boolean
  /** Stretch across that it needs, per cent, unless there is a fastening. */
  stretchAtLeast?: number
  /** Said where the cloth is too heavy or stiff for it, too light or limp, or does not stretch. */
  tooHeavy?: string
  tooLight?: string
  /** Can the garment do without it? */
  mayLeaveOff: boolean
  /** Would interfacing carry it on a light or limp cloth? */
  interfacingHelps?: boolean
  /** Could this part alone be cut from a lighter cloth? */
  lighterClothHelps?: boolean
  /** What does instead, where it misses that way. */
  swap?: { text: string; miss?: 'under' | 'over' }
}
