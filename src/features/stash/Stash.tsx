'use client'

import Link from 'next/link'
import { useMemo, useState } from 'react'
import styled from 'styled-components'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { Actions, Page, Soft, Stack } from '@/ui/kit/surfaces'
import { Shelf, type Fold } from '../shared/stash/Shelf'

/** A row of the list: a fold with everything that can be searched. */
export interface StashRow extends Fold {
  called: string
  width: string
  length: string
  weight: string
  fibre: string
  /** Lower case words to search in, UK and US. */
  search: string
}

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

/** The stash: shelves to look at, a list to search. */
export function Stash({ rows }: { rows: readonly StashRow[] }) {
  const [sought, setSought] = useState('')
  const [as, setAs] = useState('shelves')
  const found = useMemo(() => {
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
    return rows.filter(({ search }) => words.every((word) => search.includes(word)))
  }, [rows, sought])
  const places = [...new Set(found.map(({ place }) => place))].sort((a, b) => a.localeCompare(b))
  const mysteries = rows.filter(({ known }) => !known).length

  return (
    <Page>
      <div>
        <h1>The stash</h1>
        <Soft>
          {rows.length === 0
            ? 'Nothing on the shelves yet.'
            : `${rows.length} pieces${mysteries > 0 ? `, ${mysteries} of them still a mystery` : ''}. As ` +
              'wide as the cloth, as thick as what is left.'}
        </Soft>
      </div>
      <Actions>
        <StrongLink href="/bench">Burn a mystery piece</StrongLink>
        <ButtonLink href="/stash/new">Weigh and keep a piece</ButtonLink>
      </Actions>
      {rows.length > 0 ? (
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: '1rem 1.5rem', alignItems: 'end' }}>
          <div style={{ flex: '1 1 16rem' }}>
            <TextField
              label="Search"
              value={sought}
              onChange={setSought}
              hint="Name, fibre, cloth, place; UK or US words."
              type="search"
            />
          </div>
          <ChoiceField
            label="Show as"
            value={as}
            onChange={setAs}
            options={[
              ['shelves', 'shelves'],
              ['list', 'a list'],
            ]}
          />
        </div>
      ) : null}
      <p role="status" className="visually-hidden">
        {found.length} found
      </p>
      {as === 'shelves' ? (
        places.map((place) => (
          <Stack key={place} $gap="0.9rem" as="section">
            <h2>{place || 'Nowhere in particular'}</h2>
            <Shelf folds={found.filter((fold) => fold.place === place)} label={place || 'Nowhere in particular'} />
          </Stack>
        ))
      ) : (
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
              {found.map(({ id, name, called, fibre, weight, width, length, place }) => (
                <tr key={id}>
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
              ))}
            </tbody>
          </table>
        </Table>
      )}
      {rows.length > 0 && found.length === 0 ? <p>Nothing on the shelves answers to “{sought}”.</p> : null}
    </Page>
  )
}
