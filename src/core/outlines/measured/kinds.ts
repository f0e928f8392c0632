import { type FoundPiece } from '../types'
import { HOUSE_KINDS } from './house'
import { GARMENT_KINDS } from './garments'
import { PLAIN_KINDS } from './plain'

/** A measure that a block is drawn from. */
export interface PieceMeasure {
  id: string
  label: string
  /** What stands there at first, mm. */
  usualMm: number
}

/** Something that can be drawn from a few measures when there is only an envelope, or no pattern at all. */
export interface MeasuredKind {
  id: string
  label: string
  /** Whether it is an estimate of a shape that a real pattern draws otherwise. */
  isAbout: boolean
  measures: readonly PieceMeasure[]
  /** Pieces with their seam allowances. @param mm by the measure's id */
  draw: (mm: Readonly<Record<string, number>>, allowance: number) => FoundPiece[]
}

export const MEASURED_KINDS: readonly MeasuredKind[] = [...PLAIN_KINDS, ...HOUSE_KINDS, ...GARMENT_KINDS]

export function measuredKind(id: string): MeasuredKind | undefined {
  return MEASURED_KINDS.find((kind) => kind.id === id)
}
