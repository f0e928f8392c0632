import { boxOf, crossingsAt, type Outline } from '../shapes/polygon'
import { type LayItem, type LayItems } from './search/items'
import { itemAt, mustHave } from '../lists/items'

/** Places across a piece at which its section is measured, beside its corners. */
const SECTIONS = 24

/**
 * A length that no lay of these items on this strip is shorter than: what their area fills, the longest of them, and
 * all that are wider than half the cloth, which lie one behind the other (each crosses the middle, where it takes at
 * least its narrowest section).
 * @returns mm along the strip as it is folded
 */
export function boundOf({ bins, items }: LayItems): number {
  const [bin] = bins
  const width = mustHave(bin).maxX - mustHave(bin).minX
  const laid = items.filter(({ why, choices }) => !why && choices.flat().length > 0)
  const area = laid.reduce((sum, item) => sum + leastOf(item, ({ area }) => area), 0)
  const longest = Math.max(0, ...laid.map((item) => leastOf(item, ({ box }) => box.maxY - box.minY)))
  const across = laid.reduce((sum, item) => sum + leastOf(item, ({ outline }) => atMiddle(outline, width)), 0)
  return Math.max(area / width, longest, across)
}

function leastOf(item: LayItem, of: (shape: LayItem['choices'][number][number]) => number): number {
  return Math.min(...item.choices.flat().map(of))
}

/** The least that a piece takes of the line along the middle of the cloth; 0 where it may lie beside it. */
function atMiddle(outline: Outline, width: number): number {
  const { minX, maxX } = boxOf(outline)
  const [from, to] = [maxX - width / 2, minX + width / 2]
  if (from >= to) return 0
  const places = outline.map(([x]) => x).filter((x) => x > from && x < to)
  for (let i = 0; i <= SECTIONS; i++) places.push(from + ((to - from) * i) / SECTIONS)
  // Between two corners a section changes evenly: its least is at a corner, seen from either side.
  const beside = places.flatMap((x) => [x - 1e-4, x + 1e-4])
  return Math.min(...beside.map((x) => sectionAt(outline, Math.min(Math.max(x, from), to))))
}

/** How much of an upright line lies in the outline, mm. */
function sectionAt(outline: Outline, x: number): number {
  const ys = crossingsAt([outline], 'y', x)
  ys.sort((a, b) => a - b)
  return ys.reduce((sum, y, i) => (i % 2 === 1 ? sum + y - itemAt(ys, i - 1) : sum), 0)
}
