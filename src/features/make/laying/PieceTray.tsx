'use client'

import styled from 'styled-components'
import { PieceDrawing } from '@/ui/pattern/PieceDrawing'
import { type LayoutEditor } from './useLayoutEditor'

const Row = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0 0 0.5rem;
  display: flex;
  gap: 0.75rem;
  overflow-x: auto;
  li {
    flex: 0 0 7.5rem;
    font-size: 0.92rem;
    line-height: 1.2;
  }
  svg {
    height: 5.5rem;
  }
`

/** The pieces that lie on no fabric: before the first layout all of them, after it those without a place, and why. */
export function PieceTray({ table: { data, lay, isRunning } }: { table: LayoutEditor }) {
  if (isRunning) return null
  const why = new Map(lay?.answer.unplaced.map((one) => [one.id, one.why]))
  const out = lay ? data.pieces.filter(({ id }) => why.has(id)) : data.pieces
  if (out.length === 0) return null
  return (
    <section aria-labelledby="tray">
      <h2 id="tray">{lay ? 'Not placed' : 'Pieces to lay out'}</h2>
      <Row tabIndex={0} role="list" aria-labelledby="tray">
        {out.map(({ id, name, outline, warpDeg, onFold, count }) => (
          <li key={id}>
            <PieceDrawing label={name} outline={outline} warpDeg={warpDeg} onFold={onFold} />
            <b>{name}</b> × {count}
            {why.get(id) ? <>: {why.get(id)}</> : null}
          </li>
        ))}
      </Row>
    </section>
  )
}
