import { readDxf } from './dxf/read'
import { readSvg } from './svg/read'
import { NoOutlines, type FoundOutlines, type UnitId } from '../outlines/types'

export interface DrawingAsked {
  /** The unit of a file that does not say its own. */
  unit?: UnitId
  /** Side of the test square in an SVG, mm. */
  squareMm?: number
}

/**
 * A drawing’s pieces, whichever program wrote it: DXF and SVG are told apart by what is in them.
 * @throws NoOutlines in words where it is neither, or holds nothing that could be cut
 */
export function readDrawing(text: string, { unit, squareMm }: DrawingAsked = {}): FoundOutlines {
  const isSvg = /^\ufeff?\s*(?:<\?xml|<!--|<!DOCTYPE svg|<svg)/i.test(text)
  try {
    return isSvg ? readSvg(text, { squareMm, asked: unit }) : readDxf(text.replace(/^\ufeff/, ''), unit)
  } catch (error) {
    // Numbers that no drawing has, groups in groups without end.
    if (error instanceof RangeError) throw new NoOutlines('This drawing is damaged, or nested too deeply.')
    throw error
  }
}
