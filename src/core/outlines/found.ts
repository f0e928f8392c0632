import { boxOf, type Outline } from '../shapes/polygon'
import { settleOutlines, type Drawn } from './settleOutlines'
import { MOST_FOUND, NoOutlines, type FoundOutlines, type FoundPiece, type UnitRead } from './types'

/** The longest side of the largest piece of a pattern, mm: from a doll’s collar to a circle cloak. */
const SIZES = [25, 6000] as const
/** What is smaller is a drill hole where the unit is right, mm. */
const SMALLEST = 40

interface About {
  unit: UnitRead
  notRead: readonly string[]
  /** The longest side of anything closed, mm; 0 where nothing is: what is too small for a piece tells of the unit. */
  closedMm: number
  /** What is said where nothing was closed. */
  nothing: () => string
}

/**
 * Pieces as they are kept, and what was not understood.
 * @throws NoOutlines where nothing can be cut out, or its size makes no sense: then the unit is asked for
 */
export function foundOf(drawn: readonly Drawn[], { unit, notRead, closedMm, nothing }: About): FoundOutlines {
  const found = drawn.slice(0, MOST_FOUND).map(settleOutlines)
  const pieces = found.filter((piece): piece is FoundPiece => typeof piece !== 'string')
  const refused = found.filter((piece) => typeof piece === 'string')
  const isSettled = unit.by === 'asked' || unit.by === 'square'
  if (pieces.length === 0 && !isSettled && refused.length === 0 && closedMm > 0 && closedMm < SMALLEST)
    throw new NoOutlines(sizeWords(closedMm, unit), 'unit')
  if (pieces.length === 0) throw new NoOutlines([nothing(), ...refused.slice(0, 3)].join(' '))
  const longest = Math.max(...pieces.map(({ outline }) => longestOf(outline)))
  if (!isSettled && (longest < SIZES[0] || longest > SIZES[1])) throw new NoOutlines(sizeWords(longest, unit), 'unit')
  const more = drawn.length > MOST_FOUND ? [`${drawn.length - MOST_FOUND} more pieces`] : []
  return { pieces, notRead: [...notRead, ...refused, ...more], unit }
}

export function longestOf(outline: Outline): number {
  const { minX, minY, maxX, maxY } = boxOf(outline)
  return Math.max(maxX - minX, maxY - minY)
}

function sizeWords(longestMm: number, { is, by }: UnitRead): string {
  const size = longestMm < 100 ? `${longestMm.toFixed(1)} mm` : `${(longestMm / 1000).toFixed(1)} m`
  const read =
    by === 'assumed' ? `the file gives no unit; we read it in ${is}` : `we read it in ${is}, as the file says`
  return `The largest piece would be ${size} long (${read}). Which unit was it drawn in: mm, cm or in?`
}
