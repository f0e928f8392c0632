import { areaOf, boxOf, type Point } from '../shapes/polygon'

/** An outline with holes in it, mm. Neither says its first point again at the end. */
export interface PieceOutline {
  points: readonly Point[]
  holes: readonly (readonly Point[])[]
}

/** Area of an outline less its holes, mm². */
export function areaOfOutline({ points, holes }: PieceOutline): number {
  return holes.reduce((area, hole) => area - areaOf(hole), areaOf(points))
}

/** The upright rectangle about an outline, mm. */
export function boundsOf({ points }: Pick<PieceOutline, 'points'>): { widthMm: number; lengthMm: number } {
  const { minX, minY, maxX, maxY } = boxOf(points)
  return { widthMm: maxX - minX, lengthMm: maxY - minY }
}
