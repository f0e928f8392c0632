import { type Phrase } from '../../text/text'
/** What a line of a drawing is. Cloth is seen from its edge. */
export type StrokeKind = 'cloth' | 'other' | 'stitch' | 'cut' | 'fold' | 'tape'
/** A line through points, in a box of 100 by 60. */
export type DrawingStroke = readonly [kind: StrokeKind, ...points: (readonly [x: number, y: number])[]]

export interface TechniqueStep {
  text: Phrase
  drawing: readonly DrawingStroke[]
}

/** One way of working, step by step. Common practice. */
export interface Technique {
  id: string
  name: string
  what: 'seam' | 'hem' | 'way'
  for: Phrase
  notFor: Phrase
  steps: readonly TechniqueStep[]
}
