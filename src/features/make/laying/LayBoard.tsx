'use client'

import { ZoomIn, ZoomOut } from 'lucide-react'
import { useState } from 'react'
import styled from 'styled-components'
import { Board, type Stretch } from './Board'
import { bandsOf, placementKeyOf } from './boardGeometry'
import { type LayoutEditor } from './useLayoutEditor'
import { grainAs } from '@/core/lay/grain'
import { boxOf, rectangle } from '@/core/shapes/polygon'
import { lengthsTaken } from '@/core/vocabulary/laying'
import { type Placement } from '@/core/lay/types'
import { itemAt, mustHave } from '@/core/lists/items'
import { formatOwned, formatSize } from '@/core/units/format'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'

const Desk = styled.div`
  position: relative;
  display: grid;
  gap: 0.5rem;
`
/** Over the upper right corner of the board, after it in the order of keys. */
const Zoom = styled.div`
  position: absolute;
  top: 0.4rem;
  right: 0.4rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
`
/** So much closer at a press, and at the most. */
const [ZOOM_STEP, MOST_ZOOM] = [1.6, 6]
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
  const [zoom, setZoom] = useState(1)
  return (
    <Desk>
      <Board
        zoom={zoom}
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
      <Zoom>
        <Button aria-label="Look closer" isDisabled={zoom >= MOST_ZOOM} onPress={() => setZoom(zoom * ZOOM_STEP)}>
          <ZoomIn aria-hidden size={20} />
        </Button>
        <Button aria-label="See more of it" isDisabled={zoom <= 1} onPress={() => setZoom(zoom / ZOOM_STEP)}>
          <ZoomOut aria-hidden size={20} />
        </Button>
        {zoom > 1 ? <QuietButton onPress={() => setZoom(1)}>See all of it</QuietButton> : null}
      </Zoom>
      <Rest table={table} />
      <Told table={table} />
    </Desk>
  )
}

/** Where the piece lies after a move, for who cannot see it; what is wrong there, the answer says. */
function Told({ table: { lay, chosen, names, undo } }: { table: LayoutEditor }) {
  const { units } = usePreferences()
  const placement = lay?.placements.find((one) => placementKeyOf(one) === chosen)
  // Nothing was moved by hand yet: what lies was told already.
  if (!placement || !undo) return <p className="visually-hidden" role="status" />
  const { minX, minY } = boxOf(placement.polygon)
  return (
    <p className="visually-hidden" role="status">
      {names.get(placement.id)}: {formatSize(minY, units)} along, {formatSize(minX, units)} across.
    </p>
  )
}

/** Of a long fabric so much more than is used is drawn: its share, and mm. */
const [MORE, MORE_MM] = [1.5, 300]

/** How much of a fabric is drawn, mm: what is used and some more, or all of it. */
function shownLength(lengthMm: number | undefined, usedMm: number): number {
  return Math.max(usedMm, Math.min(lengthMm ?? 0, usedMm * MORE + MORE_MM))
}

/** What of a long fabric is not drawn. */
function Rest({ table: { lay, usedMm } }: { table: LayoutEditor }) {
  const { units } = usePreferences()
  const lengthMm = lay?.task.cloth?.lengthMm
  const rest = (lengthMm ?? 0) - shownLength(lengthMm, usedMm)
  return rest > 0 ? <Soft>Another {formatOwned(rest, units)} of it is not drawn.</Soft> : null
}

function stretchesOf({ lay, grounds, usedMm }: LayoutEditor): Stretch[] {
  const { task, layers } = mustHave(lay)
  const tileOf = (id: string) => grounds.find((ground) => ground.id === id)?.tile ?? null
  if (task.cloth) {
    const { widthMm, lengthMm } = task.cloth
    const width = layers === 'folded-lengthwise' ? widthMm / 2 : widthMm
    const length = shownLength(lengthMm, usedMm) / lengthsTaken(layers)
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
