'use client'

import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react'
import styled from 'styled-components'
import { NOWHERE } from '@/core/cards/sheets'
import { StashShelf } from '../../shared/stash/Shelf'
import { type StashRow } from '../rows'
import { linesOf } from './lines'
import { useFound } from './useFound'
import { itemAt } from '@/core/lists/items'

const Room = styled.div.attrs<{ $height: number }>(({ $height }) => ({ style: { height: $height } }))`
  position: relative;
  > * {
    position: absolute;
    inset: 0 0 auto 0;
    padding-bottom: 1.4rem;
  }
`

/** How high a heading and a board are before they are measured, px. */
const HEADING_PX = 52
const BOARD_PX = 196
/** Lines made beyond what is in sight. */
const BEYOND = 4

/** Pieces on a board, by the width that there is, px: as the shelf lays them. */
function perBoardAt(width: number): number {
  if (width > 1020) return 7
  if (width > 770) return 5
  return width > 500 ? 3 : 2
}

interface Props {
  first: readonly StashRow[]
  found: number
  places: readonly { place: string; count: number }[]
  address: string
}

/** Cloth folded on boards, place by place; only what is in sight is made. */
export function Shelves({ first, found, places, address }: Props) {
  const room = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(1100)
  const [top, setTop] = useState(0)
  useLayoutEffect(() => {
    const measure = () => {
      setWidth(window.innerWidth)
      setTop(room.current?.offsetTop ?? 0)
    }
    measure()
    window.addEventListener('resize', measure)
    return () => window.removeEventListener('resize', measure)
  }, [])
  const lines = useMemo(() => linesOf(places, found, perBoardAt(width)), [places, found, width])
  const { row, need } = useFound(first, address, found)
  const virtual = useWindowVirtualizer({
    count: lines.length,
    estimateSize: (index) => (itemAt(lines, index).kind === 'heading' ? HEADING_PX : BOARD_PX),
    overscan: BEYOND,
    scrollMargin: top,
    initialRect: { width: 1280, height: 1600 },
  })
  const isPassing = useCallback(() => virtual.isScrolling, [virtual])
  const items = virtual.getVirtualItems()
  const [begin, end] = [inSight(lines, items[0]?.index), inSight(lines, items.at(-1)?.index)]
  useEffect(() => {
    if (begin && end) need(begin.from, end.to)
  }, [begin, end, need])

  return (
    <Room ref={room} $height={virtual.getTotalSize()}>
      {items.map(({ index, key, start }) => {
        const line = itemAt(lines, index)
        const style = { transform: `translateY(${start - top}px)` }
        const name = line.place || NOWHERE
        return (
          <div key={key} ref={virtual.measureElement} data-index={index} style={style}>
            {line.kind === 'heading' ? (
              <h2>
                {name} <small>({line.count})</small>
              </h2>
            ) : (
              <StashShelf label={name} folds={rowsBetween(line.from, line.to, row)} isPassing={isPassing} />
            )}
          </div>
        )
      })}
    </Room>
  )
}

function rowsBetween(from: number, to: number, row: (index: number) => StashRow | undefined): StashRow[] {
  return Array.from({ length: to - from }, (_, i) => row(from + i)).filter((one) => one !== undefined)
}

/** The board at that line, or the nearest one after it. */
function inSight(lines: ReturnType<typeof linesOf>, index: number | undefined) {
  if (index === undefined) return undefined
  const line = lines.slice(index).find((one) => one.kind === 'board') ?? lines.findLast((one) => one.kind === 'board')
  return line?.kind === 'board' ? line : undefined
}
