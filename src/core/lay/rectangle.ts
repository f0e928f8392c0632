import { boxOf, crossingsAt, type Outline } from '../shapes/polygon'
import { itemAt, lastOf, mustHave } from '../lists/items'

/** Lines each way between which the largest rectangle is looked for, at most. */
const MOST_LINES = 96

export interface Rectangle {
  minX: number
  minY: number
  widthMm: number
  lengthMm: number
}

/**
 * The largest upright rectangle that lies in a region: between lines through its corners (all of them where they are
 * few, an even grid where they are many), the cells that lie wholly inside are counted up as columns.
 * @param region outer line first, then holes; @returns its sides along x and along y, mm; it always fits
 */
export function largestRectangle(region: readonly Outline[]): Rectangle {
  const box = boxOf(itemAt(region, 0))
  const xs = linesOf(region, 0, box.minX, box.maxX)
  const ys = linesOf(region, 1, box.minY, box.maxY)
  const isFull = cellsInside(region, xs, ys)
  const below = new Array<number>(xs.length - 1).fill(0)
  let best: Rectangle = { minX: box.minX, minY: box.minY, widthMm: 0, lengthMm: 0 }
  for (let row = 0; row + 1 < ys.length; row++) {
    for (let column = 0; column + 1 < xs.length; column++) {
      below[column] = itemAt(isFull, row)[column] ? itemAt(below, column) + 1 : 0
    }
    best = widestUnder(below, { xs, ys, row }, best)
  }
  return best
}

function linesOf(region: readonly Outline[], axis: 0 | 1, from: number, to: number): number[] {
  const corners = region.flatMap((outline) => outline.map((point) => point[axis]))
  const even = Array.from({ length: MOST_LINES + 1 }, (_, i) => from + ((to - from) * i) / MOST_LINES)
  const few = [...new Set(corners)]
  const all = few.length > MOST_LINES ? even : [...few, ...even]
  return [...new Set(all)].sort((a, b) => a - b).filter((at, i, list) => i === 0 || at - itemAt(list, i - 1) > 1e-6)
}

/** For each cell whether it lies wholly in the region: no side of it passes through, and its middle is inside. */
function cellsInside(region: readonly Outline[], xs: readonly number[], ys: readonly number[]): boolean[][] {
  return ys.slice(0, -1).map((low, row) => {
    const high = itemAt(ys, row + 1)
    const crossed = spansBetween(region, low, high)
    const middle = crossingsAt(region, 'x', (low + high) / 2)
    return xs.slice(0, -1).map((left, column) => {
      const right = itemAt(xs, column + 1)
      const isInside = middle.filter((x) => x < (left + right) / 2).length % 2 === 1
      return isInside && !crossed.some(([from, to]) => from < right - 1e-7 && to > left + 1e-7)
    })
  })
}

/** The stretches of x that the sides take between two levels. */
function spansBetween(region: readonly Outline[], low: number, high: number): [number, number][] {
  const spans: [number, number][] = []
  for (const outline of region) {
    outline.forEach(([ax, ay], i) => {
      const [bx, by] = itemAt(outline, (i + 1) % outline.length)
      if (Math.max(ay, by) <= low + 1e-9 || Math.min(ay, by) >= high - 1e-9) return
      const at = (y: number) =>
        ax + ((Math.min(Math.max(y, Math.min(ay, by)), Math.max(ay, by)) - ay) * (bx - ax)) / (by - ay)
      const [one, other] = ay === by ? [ax, bx] : [at(low), at(high)]
      spans.push([Math.min(one, other), Math.max(one, other)])
    })
  }
  return spans
}

interface Row {
  xs: readonly number[]
  ys: readonly number[]
  row: number
}

/** The largest rectangle that ends at this row (the largest rectangle in a histogram, with widths of its own). */
function widestUnder(below: readonly number[], { xs, ys, row }: Row, best: Rectangle): Rectangle {
  const stack: { from: number; rows: number }[] = []
  let found = best
  for (let column = 0; column <= below.length; column++) {
    const rows = below[column] ?? 0
    let from = column
    while (stack.length > 0 && lastOf(stack).rows >= rows) {
      const last = mustHave(stack.pop())
      from = last.from
      const lengthMm = itemAt(ys, row + 1) - itemAt(ys, row + 1 - last.rows)
      const widthMm = itemAt(xs, column) - itemAt(xs, from)
      if (lengthMm * widthMm > found.lengthMm * found.widthMm) {
        found = { minX: itemAt(xs, from), minY: itemAt(ys, row + 1 - last.rows), widthMm, lengthMm }
      }
    }
    stack.push({ from, rows })
  }
  return found
}
