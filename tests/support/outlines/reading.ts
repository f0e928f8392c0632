import { areaOf } from '@/core/shapes/polygon'
import { readDrawing, type DrawingAsked } from '@/core/formats/readDrawing'
import { NoOutlines } from '@/core/outlines/types'

/** Areas of the pieces of a drawing, the smallest first. mm² */
export const areas = (text: string, asked: DrawingAsked = {}) =>
  readDrawing(text, asked)
    .pieces.map(({ outline }) => areaOf(outline))
    .sort((a, b) => a - b)
/** What is said of a drawing that cannot be read. */
export const refusal = (text: string, asked: DrawingAsked = {}) => {
  try {
    readDrawing(text, asked)
    return ''
  } catch (error) {
    if (error instanceof NoOutlines) return error.message
    throw error
  }
}
/** Areas to within half a per cent. */
export const closeTo = (found: readonly number[], expected: readonly number[]) => {
  expect(found).toHaveLength(expected.length)
  // Curves lie within a tenth of a millimetre: half a per cent is far more.
  expected.forEach((area, i) => expect(Math.abs(found[i]! / area - 1)).toBeLessThan(0.005))
}
