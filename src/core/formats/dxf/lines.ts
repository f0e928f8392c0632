import { flatArc, flatBulge } from '../../outlines/flatten'
import { type Point } from '../../shapes/polygon'
import { boundPoints } from '../../outlines/types'
import { ellipseAt, flattenCurve, splineAt, throughPoints } from './curves'
import { numberOf, numbersOf, pointsOf, type TaggedEntity } from './tags'
import { itemAt, lastOf } from '../../lists/items'

const DEGREE = Math.PI / 180

/**
 * The line that an entity draws, as straight stretches, before anything moves it; closed ones end where they begin.
 * @param vertices of an old polyline, which stand behind it in the file
 * @returns undefined where it draws none
 */
export function lineOf(
  entity: TaggedEntity,
  tolerance: number,
  vertices: readonly TaggedEntity[] = [],
): Point[] | undefined {
  const draw = DRAWN[entity.type]
  boundPoints(Math.max(vertices.length, entity.tags.length / 4), 0)
  const line = draw?.(entity, tolerance, vertices)
  return line && line.length >= 2 && line.every(([x, y]) => Number.isFinite(x + y)) ? line : undefined
}

type Draw = (entity: TaggedEntity, tolerance: number, vertices: readonly TaggedEntity[]) => Point[]

const point = (entity: TaggedEntity, code: number): Point => [
  numberOf(entity, code, 0),
  numberOf(entity, code + 10, 0),
]

const DRAWN: Readonly<Record<string, Draw>> = {
  LINE: (entity) => [point(entity, 10), point(entity, 11)],
  ARC: (entity, tolerance) => {
    const [from, to] = [numberOf(entity, 50, 0) * DEGREE, numberOf(entity, 51, 360) * DEGREE]
    const turn = (((to - from) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI) || 2 * Math.PI
    return arcFrom(entity, from, turn, tolerance)
  },
  CIRCLE: (entity, tolerance) => shut(arcFrom(entity, 0, 2 * Math.PI, tolerance)),
  ELLIPSE: (entity, tolerance) => {
    const [from, end] = [numberOf(entity, 41, 0), numberOf(entity, 42, 2 * Math.PI)]
    const to = end > from ? end : end + 2 * Math.PI
    // Seen from below its minor axis points the other way.
    const ratio = numberOf(entity, 40, 1) * (numberOf(entity, 230, 1) < 0 ? -1 : 1)
    const at = ellipseAt(point(entity, 10), point(entity, 11), ratio)
    const quarters = Array.from({ length: 9 }, (_, i) => from + ((to - from) * i) / 8)
    const line = flattenCurve(at, quarters, tolerance)
    return to - from >= 2 * Math.PI - 1e-9 ? shut(line) : line
  },
  LWPOLYLINE: (entity, tolerance) => bulged(corners(entity), (numberOf(entity, 70, 0) & 1) === 1, tolerance),
  POLYLINE: (entity, tolerance, vertices) => {
    // The frame of a smoothed line is not drawn.
    const drawn = vertices.filter((vertex) => (numberOf(vertex, 70, 0) & 16) === 0)
    const own = drawn.map((vertex) => ({ at: point(vertex, 10), bulge: numberOf(vertex, 42, 0) }))
    return bulged(own, (numberOf(entity, 70, 0) & 1) === 1, tolerance)
  },
  SPLINE: splineLine,
  // Its third and fourth corners are told crosswise.
  SOLID: (entity) => shut(fourOf(entity, [10, 11, 13, 12])),
  TRACE: (entity) => shut(fourOf(entity, [10, 11, 13, 12])),
  '3DFACE': (entity) => shut(fourOf(entity, [10, 11, 12, 13])),
}

/** What the extrusion’s direction is not applied to: these stand in the world’s own coordinates. */
export const IN_WORLD: ReadonlySet<string> = new Set(['LINE', 'ELLIPSE', 'SPLINE', '3DFACE'])

function arcFrom(entity: TaggedEntity, from: number, turn: number, tolerance: number): Point[] {
  const [middle, radius] = [point(entity, 10), numberOf(entity, 40, 0)]
  const start: Point = [middle[0] + radius * Math.cos(from), middle[1] + radius * Math.sin(from)]
  return [start, ...flatArc(middle, radius, from, turn, tolerance)]
}

function fourOf(entity: TaggedEntity, codes: readonly number[]): Point[] {
  const points = codes.map((code) => point(entity, code))
  return points.filter(([x, y], i) => i === 0 || x !== itemAt(points, i - 1)[0] || y !== itemAt(points, i - 1)[1])
}

interface Corner {
  at: Point
  bulge: number
}

/** Corners of a light polyline: a bulge belongs to the corner that it follows. */
function corners({ tags }: TaggedEntity): Corner[] {
  const found: { x: number; y: number; bulge: number }[] = []
  for (const [code, value] of tags) {
    if (code === 10) found.push({ x: Number(value), y: 0, bulge: 0 })
    else if (code === 20 && found.length > 0) lastOf(found).y = Number(value)
    else if (code === 42 && found.length > 0) lastOf(found).bulge = Number(value)
  }
  return found.map(({ x, y, bulge }) => ({ at: [x, y], bulge }))
}

function bulged(own: readonly Corner[], isClosed: boolean, tolerance: number): Point[] {
  const line: Point[] = own.length > 0 ? [itemAt(own, 0).at] : []
  const last = isClosed ? own.length : own.length - 1
  for (let i = 0; i < last; i++) {
    line.push(...flatBulge(itemAt(own, i).at, itemAt(own, (i + 1) % own.length).at, itemAt(own, i).bulge, tolerance))
    boundPoints(line.length, 0)
  }
  return isClosed ? shut(line) : line
}

function splineLine(entity: TaggedEntity, tolerance: number): Point[] {
  const control = pointsOf(entity, 10)
  const fit = pointsOf(entity, 11)
  const isClosed = (numberOf(entity, 70, 0) & 1) === 1
  const degree = Math.min(numberOf(entity, 71, 3), control.length - 1)
  if (control.length >= 2 && degree >= 1) {
    const { at, knots } = splineAt({
      degree,
      control,
      weights: numbersOf(entity, 41),
      knots: numbersOf(entity, 40),
    })
    const line = flattenCurve(at, knots, tolerance)
    return isClosed ? shut(line) : line
  }
  if (fit.length < 2) return []
  const { at, knots } = throughPoints(fit, isClosed)
  return isClosed ? shut(flattenCurve(at, knots, tolerance)) : flattenCurve(at, knots, tolerance)
}

/** A closed line: its last point is its first. */
function shut(line: readonly Point[]): Point[] {
  const [first, last] = [line[0], line.at(-1)]
  if (!first || !last) return []
  const isShut =
    Math.hypot(first[0] - last[0], first[1] - last[1]) <= 1e-9 * (1 + Math.abs(first[0]) + Math.abs(first[1]))
  return [...(isShut ? line.slice(0, -1) : line), first]
}
