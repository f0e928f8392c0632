import { stripEdges } from '@/core/lay/strip'
import { asItLies } from '@/core/lay/search/items'
import { boxOutline, boxOf, movePolygon, rectangle, type Outline, type Point } from '@/core/shapes/polygon'
import { lengthsTaken } from '@/core/vocabulary/laying'
import { bandsOf } from './boardGeometry'
import { type OnTable, type LayoutEditor } from './useLayoutEditor'
import { mustHave } from '@/core/lists/items'

type Pairs = [number, number][]
const pairs = (points: Outline): Pairs => points.map(([x, y]): [number, number] => [round(x), round(y)])
const round = (mm: number) => Math.round(mm * 100) / 100

/** More crosses on one piece nobody marks. */
const MOST_CROSSES = 60

/** What is printed of a lay: each cloth, and the pieces on it with their notches, darts and drill holes. mm */
export function printedGrounds(table: LayoutEditor, lay: OnTable) {
  const { task, layers, placements } = lay
  const crossesOf = new Map(
    table.data.pieces.map(({ id, notches, marks }) => [
      id,
      [...notches.map(({ at }) => at), ...marks.flatMap(({ points }) => points)].slice(0, MOST_CROSSES),
    ]),
  )
  const piecesOn = (panel: string | null) =>
    placements
      .filter((placement) => task.cloth !== undefined || placement.panel === panel)
      .map(({ id, polygon, degrees, mirrored, at }) => ({
        name: table.names.get(id) ?? id,
        outline: pairs(polygon),
        marks: pairs(movePolygon(asItLies(crossesOf.get(id) ?? [], { degrees, isMirrored: mirrored }), at[0], at[1])),
      }))
  if (task.cloth) {
    const { widthMm, flaws = [] } = task.cloth
    const used = table.usedMm / lengthsTaken(layers)
    const { minX, maxX } = stripEdges(task.cloth, layers)
    const whole = layers === 'folded-lengthwise' ? widthMm / 2 : widthMm
    const usable: Point[] = boxOutline({ minX, maxX, minY: 0, maxY: used })
    const name = table.grounds[0]?.name ?? 'the fabric'
    const borders = bandsOf(task.cloth, used)
    const cloth = [rectangle(whole, used), usable, ...borders, ...flaws.filter((flaw) => boxOf(flaw).minY < used)]
    return [{ name, cloth: cloth.map(pairs), pieces: piecesOn(null) }]
  }
  return mustHave(task.panels).map(({ id, outline, holes }) => ({
    name: table.grounds.find((ground) => ground.id === id)?.name ?? id,
    cloth: [outline, ...holes].map(pairs),
    pieces: piecesOn(id),
  }))
}
