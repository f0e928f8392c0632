'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { Soft } from '@/ui/kit/surfaces'
import { type StashRow } from './Stash'

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
  }
  td:not(:first-child) {
    white-space: nowrap;
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

/** The stash as lines: what a shelf cannot say. */
export function StashList({ rows }: { rows: readonly StashRow[] }) {
  return (
    <Table tabIndex={0} role="region" aria-label="The stash as a list">
      <table>
        <thead>
          <tr>
            <th scope="col">Piece</th>
            <th scope="col">Fibre</th>
            <th scope="col">Weight</th>
            <th scope="col">Width</th>
            <th scope="col">Length</th>
            <th scope="col">Lies</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Line key={row.id} {...row} />
          ))}
        </tbody>
      </table>
    </Table>
  )
}

function Line({ id, name, called, fibre, weight, width, length, place }: StashRow) {
  return (
    <tr>
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
