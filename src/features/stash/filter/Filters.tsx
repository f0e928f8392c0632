'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { ASKS_NOTHING, asksSomething, writeQuery, type ShelfQuery } from '@/core/stashSearch/query'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { PlainList, Stack } from '@/ui/kit/surfaces'
import { useMedia } from '@/ui/kit/useMedia'
import { type LoadedStash, type OfferedFacet } from '../load'
import { Say } from '@/ui/text/Say'

// Below what is ticked, with all that numbers need: the page is there before it.
const Amounts = dynamic(() => import('./Amounts').then(({ AmountFilter: part }) => part))
const KeepView = dynamic(() => import('./KeepView').then(({ KeepView: part }) => part))

const Panel = styled.details`
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: 0.7rem 1rem;
  > summary {
    font-weight: 700;
    min-height: 2.75rem;
    display: flex;
    align-items: center;
    cursor: pointer;
  }
`
const Count = styled.span`
  color: var(--ink-soft);
  font-variant-numeric: tabular-nums;
`
/** A facet with more values than these is folded. */
const MANY = 5
/** As wide as the filters stand beside the shelves, where they are open at first. */
const BESIDE = '(min-width: 60rem)'

/** Filters that combine: in each, everything that would be left by it. */
export function Filters({
  query,
  facets,
  views,
  onAsk,
  children,
}: Pick<LoadedStash, 'query' | 'facets' | 'views'> & {
  onAsk: (query: ShelfQuery) => void
  /** In what order, and how it is shown. */
  children: ReactNode
}) {
  const isBeside = useMedia(BESIDE)
  const [wasToggled, setWasToggled] = useState<boolean>()
  const isOpen = wasToggled ?? isBeside
  const toggle = (id: string, value: string, isOn: boolean) => {
    const others = (query.chosen[id] ?? []).filter((one) => one !== value)
    onAsk({ ...query, chosen: { ...query.chosen, [id]: isOn ? [...others, value] : others } })
  }
  return (
    <Panel
      open={isOpen}
      onToggle={({ currentTarget }) => {
        if (currentTarget.open !== isOpen) setWasToggled(currentTarget.open)
      }}
      aria-label="Filters"
    >
      <summary>Filters and sorting{asksSomething(query) ? ' (on)' : ''}</summary>
      <Stack $gap="1.1rem">
        {children}
        {asksSomething(query) ? (
          <Button onPress={() => onAsk({ ...ASKS_NOTHING, sort: query.sort })}>Clear all filters</Button>
        ) : null}
        {facets
          .filter(({ values }) => values.length > 0)
          .map((facet) => (
            <FacetChoice key={facet.id} facet={facet} onToggle={(value, isOn) => toggle(facet.id, value, isOn)} />
          ))}
        <Amounts query={query} onAsk={onAsk} />
        {views.length > 0 ? (
          <nav aria-label="Saved filters">
            <b>Saved filters</b>
            <PlainList $gap="0.3rem">
              {views.map((view) => (
                <li key={view.id}>
                  <Link href={`/stash?${view.query}`}>{view.name}</Link>
                </li>
              ))}
            </PlainList>
          </nav>
        ) : null}
        {asksSomething(query) ? <KeepView query={writeQuery(query).toString()} /> : null}
      </Stack>
    </Panel>
  )
}

/** What people name themselves is not spelled for them. */
const OWN_WORDS: ReadonlySet<string> = new Set(['place', 'tag'])

function FacetChoice({
  facet: { id, title, values },
  onToggle,
}: {
  facet: OfferedFacet
  onToggle: (value: string, isOn: boolean) => void
}) {
  const [all, setAll] = useState(false)
  const shown = all ? values : values.filter(({ isChosen }, index) => index < MANY || isChosen)
  return (
    <CheckGroup legend={title}>
      {shown.map(({ value, words, count, isChosen }) => (
        <CheckField key={value} isSelected={isChosen} onChange={(isOn) => onToggle(value, isOn)}>
          {OWN_WORDS.has(id) ? words : <Say>{words}</Say>} <Count>{count}</Count>
        </CheckField>
      ))}
      {shown.length < values.length ? (
        <QuietButton onPress={() => setAll(true)}>{values.length - shown.length} more</QuietButton>
      ) : null}
    </CheckGroup>
  )
}
