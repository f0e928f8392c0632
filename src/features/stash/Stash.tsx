'use client'

import { useMemo, useState } from 'react'
import styled from 'styled-components'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { Actions, Page, Soft, Stack } from '@/ui/kit/surfaces'
import { Damaged } from '../shared/damaged/Damaged'
import { type DamagedCard } from '../shared/damaged/load'
import { Shelf, type Fold } from '../shared/stash/Shelf'
import { StashList } from './StashList'

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

const Seeking = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 1rem 1.5rem;
  align-items: end;
  > :first-child {
    flex: 1 1 16rem;
  }
`

/** The stash: shelves to look at, a list to search. */
export function Stash({ rows, damaged }: { rows: readonly StashRow[]; damaged: readonly DamagedCard[] }) {
  const [sought, setSought] = useState('')
  const [as, setAs] = useState('shelves')
  const found = useMemo(() => {
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean)
    return rows.filter(({ search }) => words.every((word) => search.includes(word)))
  }, [rows, sought])

  return (
    <Page>
      <div>
        <h1>The stash</h1>
        <Soft>{countWords(rows)}</Soft>
      </div>
      <Actions>
        <StrongLink href="/bench">Burn a mystery piece</StrongLink>
        <ButtonLink href="/stash/new">Weigh and keep a piece</ButtonLink>
      </Actions>
      <Damaged cards={damaged} />
      {rows.length > 0 ? (
        <Seeking>
          <TextField
            label="Search"
            value={sought}
            onChange={setSought}
            hint="Name, fibre, cloth, place; UK or US words."
            type="search"
          />
          <ChoiceField
            label="Show as"
            value={as}
            onChange={setAs}
            options={[
              ['shelves', 'shelves'],
              ['list', 'a list'],
            ]}
          />
        </Seeking>
      ) : null}
      <p role="status" className="visually-hidden">
        {found.length} found
      </p>
      {as === 'shelves' ? <Shelves rows={found} /> : <StashList rows={found} />}
      {rows.length > 0 && found.length === 0 ? <p>Nothing on the shelves answers to “{sought}”.</p> : null}
    </Page>
  )
}

function countWords(rows: readonly StashRow[]): string {
  if (rows.length === 0) return 'Nothing on the shelves yet.'
  const mysteries = rows.filter(({ known }) => !known).length
  const unknown = mysteries > 0 ? `, ${mysteries} of them still a mystery` : ''
  return `${rows.length} pieces${unknown}. As wide as the cloth, as thick as what is left.`
}

function Shelves({ rows }: { rows: readonly StashRow[] }) {
  const places = [...new Set(rows.map(({ place }) => place))].sort((a, b) => a.localeCompare(b))
  return places.map((place) => (
    <Stack key={place} $gap="0.9rem" as="section">
      <h2>{place || 'Nowhere in particular'}</h2>
      <Shelf folds={rows.filter((fold) => fold.place === place)} label={place || 'Nowhere in particular'} />
    </Stack>
  ))
}
