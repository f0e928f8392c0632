import { PAPERS, type PaperId } from '../vocabulary/paper'
import { boxOf, type Box, type Outline } from '../shapes/polygon'
import { itemAt } from '../lists/items'

/** No printer prints nearer to the edge, and sheets overlap by so much where they are glued, mm. */
export const [EDGE_MM, OVERLAP_MM] = [12, 10]

/** One sheet of paper's part of a drawing. */
export interface Tile {
  /** Letters along the drawing, figures across it. */
  row: number
  column: number
  /** What of the drawing it shows, mm. */
  box: Box
}

/** How a sheet is called where it meets its neighbours: A1, A2, B1 … */
export const tileName = ({ row, column }: Pick<Tile, 'row' | 'column'>) => `${letters(row)}${column + 1}`

function letters(row: number): string {
  const last = String.fromCharCode(65 + (row % 26))
  return row < 26 ? last : letters(Math.floor(row / 26) - 1) + last
}

/**
 * Sheets of paper that show a drawing at its own size; sheets on which no line runs are left out.
 * @returns row after row, from the drawing's upper left
 */
export function tilesOf(outlines: readonly Outline[], paper: PaperId): Tile[] {
  if (outlines.length === 0) return []
  const { minX, minY, maxX, maxY } = boxOf(outlines.flat())
  const { width, height } = PAPERS[paper]
  const [wide, high] = [width - 2 * EDGE_MM, height - 2 * EDGE_MM]
  const [across, down] = [wide - OVERLAP_MM, high - OVERLAP_MM]
  const columns = Math.max(1, Math.ceil((maxX - minX - OVERLAP_MM) / across))
  const rows = Math.max(1, Math.ceil((maxY - minY - OVERLAP_MM) / down))
  const tiles: Tile[] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const [left, top] = [minX + column * across, maxY - row * down]
      const box = { minX: left, maxX: left + wide, minY: top - high, maxY: top }
      if (outlines.some((outline) => runsThrough(outline, box))) tiles.push({ row, column, box })
    }
  return tiles
}

/** Whether a side of the outline runs through a box. */
function runsThrough(outline: Outline, box: Box): boolean {
  return outline.some((from, i) => isClipped(from, itemAt(outline, (i + 1) % outline.length), box))
}

/** Whether part of a line lies in a box (Liang & Barsky, 1984). */
function isClipped([x0, y0]: Outline[number], [x1, y1]: Outline[number], box: Box): boolean {
  let [from, to] = [0, 1]
  const bounds = [
    [x0 - x1, x0 - box.minX],
    [x1 - x0, box.maxX - x0],
    [y0 - y1, y0 - box.minY],
    [y1 - y0, box.maxY - y0],
  ] as const
  for (const [step, room] of bounds) {
    if (step === 0) {
      if (room < 0) return false
      continue
    }
    if (step < 0) from = Math.max(from, room / step)
    else to = Math.min(to, room / step)
    if (from > to) return false
  }
  return true
}
