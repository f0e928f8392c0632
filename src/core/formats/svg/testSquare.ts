import { areaOf, girthOf, type Outline } from '../../shapes/polygon'
import { type Loose } from '../../outlines/belongs'

/** Of all shapes of four corners a square has the shortest way round; a drawn one is longer by this share at most. */
const NEARLY = 0.0005
/** What people call the square that a print is checked by. */
const CALLED = /test|square|scale/i

/** Whether a closed line is a square, turned or not. */
function isSquare(outline: Outline): boolean {
  const side = Math.sqrt(areaOf(outline))
  return side > 0 && Math.abs(girthOf(outline) / (4 * side) - 1) < NEARLY
}

/**
 * The square by which a drawing is scaled: one that is called so, else the smallest that is drawn.
 * @param lines closed ones, mm as they were read; a test square may be of any size as long as the scale is wrong
 * @returns the place of that line, and its side; undefined where no square is drawn
 */
export function testSquareIn(lines: readonly Loose[]): { at: number; side: number } | undefined {
  const squares = lines.flatMap(({ label, points }, at) =>
    isSquare(points) ? [{ at, label, side: Math.sqrt(areaOf(points)) }] : [],
  )
  const called = squares.filter(({ label }) => CALLED.test(label))
  return (called.length > 0 ? called : squares).toSorted((a, b) => a.side - b.side)[0]
}
