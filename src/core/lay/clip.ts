import { differenceD, EndType, FillRule, inflatePathsD, JoinType, simplifyPathD, unionD } from 'clipper2-ts'
import { type Outline, type Point } from '../shapes/polygon'
import { itemAt } from '../lists/items'

/** Digits behind the point, in mm, that the clipping keeps. */
const DIGITS = 4
/** A round corner may be cut off by so much, mm. */
const ROUND = 0.05

const toPaths = (outlines: readonly Outline[]) => outlines.map((outline) => outline.map(([x, y]) => ({ x, y })))
const fromPaths = (paths: { x: number; y: number }[][]): Point[][] =>
  paths.map((path) => path.map(({ x, y }): Point => [x, y]))

/** Where closed lines, which may cross themselves, wind about at least once anticlockwise. */
export function positiveOf(lines: readonly Outline[]): Point[][] {
  return fromPaths(unionD(toPaths(lines), [], FillRule.Positive, DIGITS))
}

/** The first region without the second. */
export function subtractPolygons(region: readonly Outline[], taken: readonly Outline[]): Point[][] {
  return fromPaths(differenceD(toPaths(region), toPaths(taken), FillRule.NonZero, DIGITS))
}

/** Wider (or, below zero, narrower) all round. @param by mm; @param isSharp corners are kept sharp, not rounded */
export function inflatePolygon(region: readonly Outline[], by: number, isSharp = false): Point[][] {
  if (by === 0) return region.map((outline) => [...outline])
  const join = isSharp ? JoinType.Miter : JoinType.Round
  return fromPaths(inflatePathsD(toPaths(region), by, join, EndType.Polygon, 2, DIGITS, ROUND))
}

/** Without the corners that lie nearer than so to the line between their neighbours. @param by mm */
export function simplifyPolygon(outline: Outline, by: number): Point[] {
  return itemAt(fromPaths([simplifyPathD(itemAt(toPaths([outline]), 0), by, true)]), 0)
}
