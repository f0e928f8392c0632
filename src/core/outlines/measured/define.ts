import { type FoundPiece } from '../types'

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
  /**
   * Pieces with their seam allowances.
   * @param mm by the measure's id
   * @throws RangeError where a measure is missing
   */
  draw: (mm: Readonly<Record<string, number>>, allowance: number) => FoundPiece[]
}

interface Described<M extends PieceMeasure> extends Omit<MeasuredKind, 'measures' | 'draw'> {
  measures: readonly M[]
  draw: (mm: Readonly<Record<M['id'], number>>, allowance: number) => FoundPiece[]
}

/** A kind whose drawing is given every measure that it names, and no other. */
export function defineDrawing<const M extends PieceMeasure>({ draw, ...kind }: Described<M>): MeasuredKind {
  return {
    ...kind,
    draw: (mm, allowance) => {
      const missing = kind.measures.find(({ id }) => mm[id] === undefined)
      if (missing) throw new RangeError(`${missing.label} is missing.`)
      return draw(mm, allowance)
    },
  }
}
