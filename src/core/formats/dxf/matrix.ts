import { type Point } from '../../shapes/polygon'
import { numberOf, type TaggedEntity } from './tags'
import { mustHave } from '../../lists/items'

/** A plane’s affine map: x′ = a·x + c·y + e, y′ = b·x + d·y + f. */
export type Matrix = readonly [a: number, b: number, c: number, d: number, e: number, f: number]

export const SAME: Matrix = [1, 0, 0, 1, 0, 0]

/** First the inner map, then the outer. */
export function composeMatrices(outer: Matrix, inner: Matrix): Matrix {
  const [a, b, c, d, e, f] = outer
  const [p, q, r, s, t, u] = inner
  return [a * p + c * q, b * p + d * q, a * r + c * s, b * r + d * s, a * t + c * u + e, b * t + d * u + f]
}

export function mapPoint([a, b, c, d, e, f]: Matrix, points: readonly Point[]): Point[] {
  return points.map(([x, y]): Point => [a * x + c * y + e, b * x + d * y + f])
}

/** Seen from below, an entity is mirrored: its x runs the other way. */
export function extrusionMatrix(entity: TaggedEntity): Matrix {
  return numberOf(entity, 230, 1) < 0 ? [-1, 0, 0, 1, 0, 0] : SAME
}

/** Where an INSERT puts its block, once for each of its columns and rows. */
export function insertsOf(insert: TaggedEntity, base: Point): Matrix[] {
  const angle = (numberOf(insert, 50, 0) * Math.PI) / 180
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)]
  const [sx, sy] = [numberOf(insert, 41, 1), numberOf(insert, 42, 1)]
  const [x, y] = [numberOf(insert, 10, 0), numberOf(insert, 20, 0)]
  const [columns, rows] = [70, 71].map((code) => Math.min(MOST_COPIES, Math.max(1, numberOf(insert, code, 1))))
  const [across, up] = [numberOf(insert, 44, 0), numberOf(insert, 45, 0)]
  const turn: Matrix = [cos, sin, -sin, cos, x, y]
  return Array.from({ length: mustHave(columns) * mustHave(rows) }, (_, i) => {
    const shift: Matrix = [1, 0, 0, 1, (i % mustHave(columns)) * across, Math.floor(i / mustHave(columns)) * up]
    const scale: Matrix = [sx, 0, 0, sy, -base[0] * sx, -base[1] * sy]
    return composeMatrices(extrusionMatrix(insert), composeMatrices(turn, composeMatrices(shift, scale)))
  })
}

const MOST_COPIES = 30
