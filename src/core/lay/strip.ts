import { type Box } from '../shapes/polygon'
import { lengthsTaken, type Layers } from '../vocabulary/laying'
import { type LayCloth } from './types'

// Free of the clipping, so that a page can ask without loading it.

/** A length of cloth that is short by no more is long enough, mm. */
const SHORT_BY = 0.5

/** Where pieces can lie on a length of cloth as it is folded, mm: without end where its length is. */
export function stripEdges({ widthMm, selvedgeMm, lengthMm = Infinity }: LayCloth, layers: Layers): Box {
  const isLengthwise = layers === 'folded-lengthwise'
  return {
    minX: isLengthwise ? 0 : selvedgeMm,
    maxX: isLengthwise ? widthMm / 2 - selvedgeMm : widthMm - selvedgeMm,
    minY: 0,
    maxY: lengthMm / lengthsTaken(layers),
  }
}

/** Whether a length is enough for what is taken of it. mm */
export function isLongEnough(haveMm: number, takenMm: number): boolean {
  return takenMm <= haveMm + SHORT_BY
}
