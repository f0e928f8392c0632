import earcut from 'earcut'
import { signedArea, type Outline, type Point } from '../shapes/polygon'

/**
 * An outline as convex parts that fill it: cut into triangles, which are joined again across every cut that leaves
 * both corners convex (Hertel and Mehlhorn 1983: at most four times as many as need be).
 * @param outline simple; @param holes simple, inside it
 */
export function convexParts(outline: Outline, holes: readonly Outline[] = []): Point[][] {
  const points = [outline, ...holes].flat()
  const flat = points.flatMap(([x, y]) => [x, y])
  const starts = holes.map((_, i) => outline.length + holes.slice(0, i).reduce((sum, hole) => sum + hole.length, 0))
  const corners = earcut(flat, starts)
  const parts: number[][] = []
  for (let i = 0; i < corners.length; i += 3) {
    const triangle = [corners[i]!, corners[i + 1]!, corners[i + 2]!]
    const area = signedArea(triangle.map((corner) => points[corner]!))
    if (area !== 0) parts.push(area > 0 ? triangle : triangle.reverse())
  }
  return joined(parts, points).map((part) => part.map((corner) => points[corner]!))
}

function joined(parts: number[][], points: readonly Point[]): number[][] {
  const all = [...parts]
  for (let i = 0; i < all.length; i++) {
    for (let j = i + 1; j < all.length; j++) {
      const union = across(all[i]!, all[j]!, points)
      if (!union) continue
      all[i] = union
      all.splice(j, 1)
      j = i
    }
  }
  return all
}

/** The two parts as one where they share a side and stay convex without it. */
function across(one: readonly number[], other: readonly number[], points: readonly Point[]): number[] | undefined {
  for (let i = 0; i < one.length; i++) {
    const [from, to] = [one[i]!, one[(i + 1) % one.length]!]
    const at = other.findIndex((corner, j) => corner === to && other[(j + 1) % other.length] === from)
    if (at < 0) continue
    const rest = other.map((_, j) => other[(at + 1 + j) % other.length]!).slice(1, -1)
    const union = [...one.slice(0, i + 1), ...rest, ...one.slice(i + 1)]
    return isConvex(union, points) ? union : undefined
  }
  return undefined
}

function isConvex(part: readonly number[], points: readonly Point[]): boolean {
  return part.every((corner, i) => {
    const [ax, ay] = points[part[(i + part.length - 1) % part.length]!]!
    const [bx, by] = points[corner]!
    const [cx, cy] = points[part[(i + 1) % part.length]!]!
    return (bx - ax) * (cy - by) - (by - ay) * (cx - bx) >= 0
  })
}
