'use client'

import Link from 'next/link'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import styled from 'styled-components'
import { Soft } from '@/ui/kit/surfaces'
import { type StashRow } from '../rows'
import { useFound } from './useFound'
import { Say } from '@/ui/text/Say'

const Table = styled.div`
  overflow-x: auto;
  table {
    border-collapse: collapse;
    width: 100%;
    background: var(--paper);
  }
  th,
  td {
    text-align: left;
    padding: 0.55rem 0.8rem;
    border-bottom: 1px solid var(--line);
    height: 3.4rem;
  }
  td:not(:first-child) {
    white-space: nowrap;
  }
  .gap td {
    padding: 0;
    border: 0;
  }
  @media (max-width: 40rem) {
    th:nth-child(n + 4),
    td:nth-child(n + 4) {
      display: none;
    }
    td:not(:first-child) {
      white-space: normal;
    }
  }
`
const LINE_PX = 55
const BEYOND = 12

interface Props {
  first: readonly StashRow[]
  found: number
  address: string
}

/** The stash as lines: what a shelf cannot say. Only what is in sight is made. */
export function StashList({ first, found, address }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const [top, setTop] = useState(0)
  useLayoutEffect(() => setTop(box.current?.offsetTop ?? 0), [])
  const { row, need } = useFound(first, address, found)
  const virtual = useWindowVirtualizer({
    count: found,
    estimateSize: () => LINE_PX,
    overscan: BEYOND,
    scrollMargin: top,
    initialRect: { width: 1280, height: 1600 },
  })
  const items = virtual.getVirtualItems()
  const [from, to] = [items[0]?.index ?? 0, (items.at(-1)?.index ?? -1) + 1]
  useEffect(() => need(from, to), [from, to, need])
  const before = (items[0]?.start ?? top) - top
  const after = virtual.getTotalSize() - ((items.at(-1)?.end ?? top) - top)

  return (
    <Table ref={box} tabIndex={0} role="region" aria-label="The stash as a list">
      <table aria-rowcount={found + 1}>
        <thead>
          <tr>
            <th scope="col">Fabric</th>
            <th scope="col">
              <Say>Fibre</Say>
            </th>
            <th scope="col">Weight</th>
            <th scope="col">Width</th>
            <th scope="col">Length</th>
            <th scope="col">Location</th>
          </tr>
        </thead>
        <tbody>
          {before > 0 ? <Gap height={before} /> : null}
          {items.map(({ index }) => {
            const one = row(index)
            return one ? <Line key={index} index={index} {...one} /> : <Gap key={index} height={LINE_PX} />
          })}
          {after > 1 ? <Gap height={after} /> : null}
        </tbody>
      </table>
    </Table>
  )
}

/** As high as the lines that are not drawn. */
const Room = styled.tr.attrs<{ $height: number }>(({ $height }) => ({ style: { height: $height } }))``

function Gap({ height }: { height: number }) {
  return (
    <Room className="gap" aria-hidden $height={height}>
      <td colSpan={6} />
    </Room>
  )
}

function Line({ index, id, name, called, fibre, weight, width, length, place }: StashRow & { index: number }) {
  return (
    <tr aria-rowindex={index + 2}>
      <td>
        <Link href={`/stash/${id}`} prefetch={false}>
          {name}
        </Link>
        {called ? <Soft as="span">, {called}</Soft> : null}
      </td>
      <td>{fibre}</td>
      <td>{weight}</td>
      <td>{width}</td>
      <td>{length}</td>
      <td>{place}</td>
    </tr>
  )
}
