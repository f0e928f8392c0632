'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { asksSomething, SHELF_SORTS, SORT_WORDS, writeQuery, type ShelfQuery } from '@/core/stashSearch/query'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { EmptyState } from '@/ui/empty/EmptyState'
import { StrongLink } from '@/ui/kit/links'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Page, Soft, Stack } from '@/ui/kit/surfaces'
import { Damaged } from '../shared/damaged/Damaged'
import { type DamagedCard } from '../shared/damaged/load'
import { LookedOver } from '../shared/stash/LookedOver'
import { Filters } from './filter/Filters'
import { type LoadedStash } from './load'
import { Shelves } from './shelves/Shelves'
import { StashList } from './shelves/StashList'

const Top = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 1rem 2rem;
  align-items: end;
  justify-content: space-between;
`
/** In what order and how: short, side by side. */
const How = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem 2rem;
  align-items: end;
`

/** While somebody types, nothing is asked for so long, ms. */
const TYPING_MS = 180

/** The stash: shelves to look at, or a list; filters that combine, each saying how much it would leave. */
export function Stash(props: LoadedStash & { isList: boolean; damaged: readonly DamagedCard[] }) {
  const { query, rows, found, all, left, places, isList, damaged } = props
  const { text, type, ask, isAsking } = useAsking(query, isList)
  const address = writeQuery(query).toString()
  return (
    <Page>
      <Top>
        <div>
          <h1>Stash</h1>
          <Soft>{countWords(props)}</Soft>
        </div>
        <Actions>
          {all > 0 ? <StrongLink href="/stash/add">Add a fabric</StrongLink> : null}
          <Link href="/identify/burn">Burn-test an unknown fabric</Link>
        </Actions>
      </Top>
      <Damaged cards={damaged} />
      <LookedOver left={left} />
      {all === 0 && damaged.length === 0 ? (
        <EmptyState
          drawing="folds"
          text="Your fabrics will lie here, folded on their shelves: a wider fold is a wider fabric."
        >
          <StrongLink href="/stash/add">Add your first fabric</StrongLink>
        </EmptyState>
      ) : null}
      <p role="status" className="visually-hidden">
        {found} found
      </p>
      {all > 0 ? (
        <Stack $gap="1.25rem" aria-busy={isAsking}>
          <Filters
            {...props}
            onAsk={ask}
            search={
              <TextField
                label="Search the stash"
                value={text}
                onChange={type}
                hint="Name, fibre, fabric name, location, tag; UK or US words."
                type="search"
              />
            }
          >
            <How>
              <SelectField
                label="Sort by"
                value={query.sort}
                onChange={(sort) => ask({ ...query, sort })}
                options={SHELF_SORTS.map((sort) => [sort, SORT_WORDS[sort]] as const)}
              />
              <ChoiceField
                label="Show as"
                value={isList ? 'list' : 'shelves'}
                onChange={(as) => ask(query, as === 'list')}
                options={[
                  ['shelves', 'shelves'],
                  ['list', 'a list'],
                ]}
              />
            </How>
          </Filters>
          <Stack $gap="1.25rem">
            {found > 0 && asksSomething(query) ? (
              <p>
                <Link href={`/stash/cards?${address}`}>Print cards for these</Link>
              </p>
            ) : null}
            {found === 0 ? <Nothing query={query} /> : null}
            {isList ? (
              <StashList key={address} first={rows} found={found} address={address} />
            ) : (
              <Shelves key={address} first={rows} found={found} places={places} address={address} />
            )}
          </Stack>
        </Stack>
      ) : null}
    </Page>
  )
}

function Nothing({ query }: { query: ShelfQuery }) {
  return query.text ? (
    <p>We found no fabric called “{query.text}”.</p>
  ) : (
    <p>No fabric has all of that. Remove a filter.</p>
  )
}

/** What is asked stands in the address: it can be kept, sent and gone back to. */
function useAsking(query: ShelfQuery, isList: boolean) {
  const router = useRouter()
  const [isAsking, start] = useTransition()
  const [text, setText] = useState(query.text)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const go = (params: URLSearchParams) =>
    start(() => router.replace(`/stash${params.size > 0 ? `?${params.toString()}` : ''}`, { scroll: false }))
  const ask = (next: ShelfQuery, list = isList) => {
    clearTimeout(timer.current)
    // What is typed and not asked yet goes along; what sets the words anew is what stands in the field from then on.
    const words = next.text === query.text ? text.trim() : next.text
    if (words !== text.trim()) setText(words)
    const params = writeQuery({ ...next, text: words })
    if (list) params.set('as', 'list')
    go(params)
  }
  const type = (typed: string) => {
    setText(typed)
    clearTimeout(timer.current)
    timer.current = setTimeout(() => {
      const params = writeQuery({ ...query, text: typed.trim() })
      if (isList) params.set('as', 'list')
      go(params)
    }, TYPING_MS)
  }
  return { text, type, ask, isAsking }
}

function countWords({ all, found, mysteries, query, keptTo }: LoadedStash): string {
  if (all === 0) return 'Your stash is empty.'
  const unknown = mysteries > 0 ? `, ${mysteries} of them unknown` : ''
  if (keptTo) return `${countNoun(found, 'fabric')} of “${keptTo}”${unknown}.`
  if (asksSomething(query)) return `${found} of ${countNoun(all, 'fabric')}${unknown}.`
  return `${countNoun(all, 'fabric')}${unknown}. A wider fold is a wider fabric; a thicker fold is a longer one.`
}
