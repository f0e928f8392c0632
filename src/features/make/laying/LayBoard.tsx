'use client'

import { Board, type Stretch } from './Board'
import { bandsOf } from './boardGeometry'
import { type LayoutEditor } from './useLayoutEditor'
import { grainAs } from '@/core/lay/grain'
import { boxOf, rectangle } from '@/core/shapes/polygon'
import { lengthsTaken } from '@/core/vocabulary/laying'
import { type Placement } from '@/core/lay/types'
import { itemAt, mustHave } from '@/core/lists/items'

/** Space between two odd pieces on the board, mm. */
const BETWEEN = 60

/** The cloth on the table, and the keys that a piece understands. */
export function LayBoard({ table }: { table: LayoutEditor }) {
  const { lay, names, chosen, held, faults } = table
  const wrong = new Set(faults.flatMap(({ keys }) => keys))
  const grain = ({ id, degrees, mirrored }: Placement) => {
    const { warpDeg } = mustHave(table.data.pieces.find((piece) => piece.id === id))
    return degrees + grainAs(warpDeg, mirrored)
  }
  const onKey = (key: string, pressed: string) => {
    if (pressed === 't' || pressed === 'T') table.turn(key, false)
    else if (pressed === 'h' || pressed === 'H') table.hold(key)
    else if (pressed === 'f' || pressed === 'F') table.turn(key, true)
    else if (pressed === 'z' || pressed === 'Z') table.undo?.()
    else return false
    return true
  }
  return (
    <Board
      label="The fabric, its length from left to right"
      stretches={stretchesOf(table)}
      placements={mustHave(lay).placements}
      names={names}
      grain={grain}
      chosen={chosen}
      held={held}
      wrong={wrong}
      onChoose={table.choose}
      onMove={table.move}
      onKey={onKey}
    />
  )
}

function stretchesOf({ lay, grounds, usedMm }: LayoutEditor): Stretch[] {
  const { task, layers } = mustHave(lay)
  const tileOf = (id: string) => grounds.find((ground) => ground.id === id)?.tile ?? null
  if (task.cloth) {
    const { widthMm, lengthMm } = task.cloth
    const width = layers === 'folded-lengthwise' ? widthMm / 2 : widthMm
    const length = Math.max(lengthMm ?? 0, usedMm) / lengthsTaken(layers)
    const outline = rectangle(width, length)
    const bands = bandsOf(task.cloth, length)
    return [{ id: null, tile: tileOf(itemAt(grounds, 0).id), outline, holes: [], bands, along: 0, across: 0 }]
  }
  let along = 0
  return mustHave(task.panels).map(({ id, outline, holes }) => {
    const { minX, minY, maxY } = boxOf(outline)
    const stretch = { id, tile: tileOf(id), outline, holes, bands: [], along: along - minY, across: -minX }
    along += maxY - minY + BETWEEN
    return stretch
  })
}
