import { homography, mapThroughHomography } from '@/core/photo/homography'
import { sheetOnGround } from '@/core/photo/sheet'
import { type Outline, type Point } from '@/core/shapes/polygon'
import { type PaperId } from '@/core/vocabulary/paper'

/** What in the picture says how large things are. */
export type CutOutMeasure =
  | { by: PaperId; corners: Outline | null }
  /** Two marks so far apart, in a picture taken straight from above. */
  | { by: 'ruler'; marks: readonly [Point, Point]; lengthMm: number | null }

/**
 * From a picture to the floor, mm, y upwards.
 * @returns undefined where the picture does not say how large things are
 */
export function toFloor(measure: CutOutMeasure): ((at: Point) => Point) | undefined {
  if (measure.by === 'ruler') return byRuler(measure.marks, measure.lengthMm)
  if (!measure.corners) return undefined
  try {
    const map = homography(measure.corners, sheetOnGround(measure.by, measure.corners))
    return (at) => mapThroughHomography(map, at)
  } catch (error) {
    if (error instanceof RangeError) return undefined
    throw error
  }
}

function byRuler([a, b]: readonly [Point, Point], lengthMm: number | null) {
  const apart = Math.hypot(b[0] - a[0], b[1] - a[1])
  if (!lengthMm || apart < 2) return undefined
  const scale = lengthMm / apart
  return ([x, y]: Point): Point => [x * scale, -y * scale]
}
