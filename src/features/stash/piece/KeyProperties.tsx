'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { careSymbol } from '@/core/vocabulary/care'
import { CareDrawing } from '@/ui/care/CareDrawing'
import { Say } from '@/ui/text/Say'
import { HOW_WORDS } from './Known'
import { type PieceData, type SheetRow } from './types'

const Tiles = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  @media (max-width: 40rem) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  a {
    display: grid;
    grid-template-rows: auto 1fr auto;
    gap: 0.1rem;
    height: 100%;
    min-height: 5.6rem;
    padding: 0.5rem 0.7rem;
    background: var(--paper);
    color: var(--ink);
    border: 1px solid var(--line);
    border-radius: 3px;
    text-decoration: none;
  }
  a:hover {
    border-color: var(--indigo);
  }
  span,
  small {
    color: var(--ink-soft);
    font-size: 0.9rem;
  }
  b {
    line-height: 1.25;
    overflow-wrap: anywhere;
  }
  .sure {
    color: var(--green);
  }
  .signs {
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 0.3rem;
  }
`

/** What is asked of a fabric first, and what its tile says. */
const TILES: readonly (readonly [SheetRow['id'], string])[] = [
  ['fibre', 'Fibre content'],
  ['weight', 'Weight'],
  ['body', 'Drape'],
  ['stretch-width', 'Stretch'],
  ['opacity', 'Shows through'],
]

/** Six tiles: what it is, each with how it is known; a tap measures it, or tells more. */
export function KeyProperties({ piece, rows }: Pick<PieceData, 'piece' | 'rows'>) {
  return (
    <Tiles aria-label="At a glance">
      {TILES.map(([id, title]) => {
        const row = rows.find((one) => one.id === id)
        if (!row) return null
        const isSure = row.how === 'measured' || row.how === 'said'
        return (
          <li key={id}>
            <Link href={hrefOf(row, piece.id)} prefetch={false}>
              <span>
                <Say>{title}</Say>
              </span>
              <b>{row.value ? <Say>{row.value}</Say> : '—'}</b>
              <small className={isSure ? 'sure' : undefined}>
                {isSure ? '● ' : '○ '}
                {HOW_WORDS[row.how]}
              </small>
            </Link>
          </li>
        )
      })}
      <li>
        <Link href={`/stash/${piece.id}/edit`} prefetch={false}>
          <span>Care symbols</span>
          {piece.care.length > 0 ? (
            <b className="signs">
              {piece.care.map((id) => (
                <CareDrawing key={id} id={id} size={34} />
              ))}
              <span className="visually-hidden">{piece.care.map((id) => careSymbol(id).words).join('; ')}</span>
            </b>
          ) : (
            <b>—</b>
          )}
          <small>{piece.care.length > 0 ? 'from its label' : '○ not known'}</small>
        </Link>
      </li>
    </Tiles>
  )
}

function hrefOf({ test, how, id }: SheetRow, pieceId: string): string {
  if (test === 'burn') return how === 'measured' ? '#all-properties' : `/identify?piece=${pieceId}`
  if (how === 'measured' || test === null) return '#all-properties'
  return id === 'fibre' ? `/identify?piece=${pieceId}` : `/identify/measure/${test}?piece=${pieceId}`
}
