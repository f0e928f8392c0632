'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useId, useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { ASKS_NOTHING, asksSomething, writeQuery, type ShelfQuery } from '@/core/stashSearch/query'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { CheckChip, Chips, OpeningChip } from '@/ui/kit/Chips'
import { Paper, Stack } from '@/ui/kit/surfaces'
import { SMALL } from '../../shared/smallScreen'
import { type LoadedStash, type OfferedFacet } from '../load'
import { Say } from '@/ui/text/Say'

// Behind a chip, with all that numbers need: the page is there before it.
const Amounts = dynamic(() => import('./Amounts').then(({ AmountFilter: part }) => part))
const KeepView = dynamic(() => import('./KeepView').then(({ KeepView: part }) => part))

/** On a phone the shelves come first: the chips stand behind one of them. */
const OnSmall = styled.div`
  display: none;
  ${SMALL} {
    display: block;
  }
`
/** The search, and beside it in what order and how; the chips run below both. */
const Bar = styled(Stack)<{ $isOpen: boolean }>`
  ${SMALL} {
    > .folded {
      ${({ $isOpen }) => ($isOpen ? '' : 'display: none;')}
    }
  }
  @media (min-width: 60rem) {
    grid-template-columns: minmax(0, 1fr) auto;
    column-gap: 2rem;
    > .wide {
      grid-column: 1 / -1;
    }
  }
`
const Count = styled.span`
  opacity: 0.8;
  font-variant-numeric: tabular-nums;
`
const Values = styled.div`
  display: grid;
  gap: 0 1.5rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 14rem), 1fr));
`
/** More values than these are asked for. */
const MANY = 12

/** What is asked for most has a chip of its own; the rest stands behind one, unless something of it is chosen. */
const MAIN: ReadonlySet<string> = new Set(['fibre', 'weight', 'made', 'place'])

/** What stands behind chips beside the facets. */
const AMOUNTS = 'amounts'
const SAVED = 'saved'

type Props = Pick<LoadedStash, 'query' | 'facets' | 'views'> & {
  onAsk: (query: ShelfQuery) => void
  search: ReactNode
  /** In what order, and how it is shown. */
  children: ReactNode
}

/** Filters that combine, as a row of chips: what is still to do in one tap, the others open below their row. */
export function Filters({ query, facets, views, onAsk, search, children }: Props) {
  const [isShown, setShown] = useState(false)
  const [isMore, setMore] = useState(false)
  const [opened, setOpened] = useState<string>()
  const panel = useId()
  const toggle = (id: string, value: string, isOn: boolean) => {
    const others = (query.chosen[id] ?? []).filter((one) => one !== value)
    onAsk({ ...query, chosen: { ...query.chosen, [id]: isOn ? [...others, value] : others } })
  }
  const isOn = asksSomething(query)
  const offered = facets.filter(({ values }) => values.length > 0)
  const [todo, others] = [offered.find(({ id }) => id === 'todo'), offered.filter(({ id }) => id !== 'todo')]
  const open = others.find(({ id }) => id === opened)
  const chip = (id: string, title: string, isChosen: boolean) => (
    <OpeningChip
      key={id}
      aria-expanded={opened === id}
      aria-controls={opened === id ? panel : undefined}
      onPress={() => setOpened(opened === id ? undefined : id)}
      $isOn={isChosen}
    >
      <Say>{title}</Say>
    </OpeningChip>
  )
  return (
    <Bar as="section" $isOpen={isShown} $gap="0.75rem" aria-label="Filters">
      {search}
      <OnSmall>
        <OpeningChip aria-expanded={isShown} onPress={() => setShown(!isShown)} $isOn={isOn}>
          Filters and sorting{isOn ? ' (on)' : ''}
        </OpeningChip>
      </OnSmall>
      <div className="folded">{children}</div>
      <Chips role="group" aria-label="Filters" className="folded wide">
        {todo?.values.map((value) => (
          <CheckChip
            key={value.value}
            isSelected={value.isChosen}
            onChange={(isChosen) => toggle('todo', value.value, isChosen)}
          >
            <Say>{value.words}</Say> <Count>{value.count}</Count>
          </CheckChip>
        ))}
        {others
          .filter((facet) => isMore || MAIN.has(facet.id) || isChosenIn(facet))
          .map((facet) => chip(facet.id, titleOf(facet), isChosenIn(facet)))}
        {chip(AMOUNTS, 'Length, colour, price', hasAmounts(query))}
        {isMore ? null : <OpeningChip onPress={() => setMore(true)}>More filters</OpeningChip>}
        {isOn || views.length > 0 ? chip(SAVED, 'Saved filters', false) : null}
        {isOn ? (
          <QuietButton onPress={() => onAsk({ ...ASKS_NOTHING, sort: query.sort })}>Clear all filters</QuietButton>
        ) : null}
      </Chips>
      {opened ? (
        <Paper
          id={panel}
          className="folded wide"
          aria-label={open?.title ?? (opened === SAVED ? 'Saved filters' : 'Amounts')}
        >
          {open ? (
            <FacetChoice
              key={open.id}
              facet={open}
              onToggle={(value, isChosen) => toggle(open.id, value, isChosen)}
            />
          ) : null}
          {opened === AMOUNTS ? <Amounts query={query} onAsk={onAsk} /> : null}
          {opened === SAVED ? <Saved query={query} views={views} /> : null}
        </Paper>
      ) : null}
    </Bar>
  )
}

const hasAmounts = ({ gsm, enough, colour, mostPerM2 }: ShelfQuery) =>
  gsm.some((bound) => bound !== null) || enough !== null || colour !== null || mostPerM2 !== null

const isChosenIn = ({ values }: OfferedFacet) => values.some(({ isChosen }) => isChosen)

/** What a chip says: what may be chosen, and what is. */
function titleOf({ title, values }: OfferedFacet): string {
  const chosen = values.filter(({ isChosen }) => isChosen)
  if (chosen.length === 0) return title
  return `${title}: ${chosen.length === 1 ? chosen[0]?.words : `${chosen.length} chosen`}`
}

/** Filters that were saved, and these to save with them. */
function Saved({ query, views }: Pick<Props, 'query' | 'views'>) {
  return (
    <Stack $gap="0.75rem">
      {views.length > 0 ? (
        <Chips as="nav" aria-label="Saved filters">
          {views.map((view) => (
            <Link key={view.id} href={`/stash?${view.query}`}>
              {view.name}
            </Link>
          ))}
        </Chips>
      ) : null}
      {asksSomething(query) ? <KeepView query={writeQuery(query).toString()} /> : null}
    </Stack>
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
    <Stack $gap="0.4rem" role="group" aria-label={title}>
      <Values>
        {shown.map(({ value, words, count, isChosen }) => (
          <CheckField key={value} isSelected={isChosen} onChange={(isOn) => onToggle(value, isOn)}>
            {OWN_WORDS.has(id) ? words : <Say>{words}</Say>} <Count>{count}</Count>
          </CheckField>
        ))}
      </Values>
      {shown.length < values.length ? (
        <Button onPress={() => setAll(true)}>{values.length - shown.length} more</Button>
      ) : null}
    </Stack>
  )
}
