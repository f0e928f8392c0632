'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { SHEETS } from '@/core/cards/sheets'
import { ChoiceField } from '@/ui/kit/fields'
import { EmptyState } from '@/ui/empty/EmptyState'
import { StrongLink, FileLink } from '@/ui/kit/links'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'

interface Props {
  /** What is asked, as in the address of the stash. */
  asked: string
  names: readonly string[]
  count: number
  most: number
  /** Whether a phone reaches this program: else a code would lead nowhere. */
  hasCodes: boolean
}

/** So many are named. */
const NAMED = 12

const Names = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.2rem 1.5rem;
  grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
`

const LABELS = [
  ['pieces', 'each fabric'],
  ['places', 'each shelf or box'],
] as const

const OPTIONS = [
  ...SHEETS.map(({ id, words }) => [id, words] as const),
  ['list', 'a checklist by location'] as const,
  ['book', 'a book of all fabrics, with an index'] as const,
]

/** Cards to staple a snip on, stickers for bundles and boxes, and the stash as a book. */
export function CardsPage({ asked, names, count, most, hasCodes }: Props) {
  const { paper } = usePreferences()
  // One card fills its page; four to a page are for several.
  const [sheet, setSheet] = useState<string>(count === 1 ? 'a6' : paper)
  const [labels, setLabels] = useState<string>('pieces')
  const [skip, setSkip] = useState(0)
  const isPages = sheet === 'book' || sheet === 'list'
  const params = new URLSearchParams(asked)
  params.set('sheet', sheet)
  if (labels === 'places' && !isPages) params.set('labels', labels)
  if (skip > 0) params.set('skip', String(skip))
  return (
    <Page>
      <div>
        <h1>Swatch cards and labels</h1>
        <Soft>
          {countNoun(count, 'fabric')}
          {count > most && !isPages ? `; we print the first ${most}` : ''}. Each carries its number, to type into the
          search
          {hasCodes ? ', and a code that opens it on your phone' : ''}.
        </Soft>
      </div>
      {count === 0 ? (
        <EmptyState
          drawing="card"
          text="Each fabric gets a card: a place for its snip, its weave drawn, its facts, and how it is washed."
        >
          <StrongLink href="/stash/add">Add a fabric</StrongLink>
        </EmptyState>
      ) : (
        <Paper aria-label="Sheet">
          <ChoiceField label="On" value={sheet} onChange={setSheet} options={OPTIONS} />
          {isPages ? null : <ChoiceField label="For" value={labels} onChange={setLabels} options={LABELS} />}
          {sheet.startsWith('stickers') ? (
            <NumberField
              label="Labels already used"
              minValue={0}
              maxValue={64}
              value={skip}
              onChange={(value) => setSkip(Number.isFinite(value) ? value : 0)}
            />
          ) : null}
          <Actions>
            <FileLink href={`/stash/cards.pdf?${params.toString()}`}>Create PDF</FileLink>
          </Actions>
          <Soft>Print at 100 %, not “fit to page”, or the labels will not line up.</Soft>
        </Paper>
      )}
      {hasCodes ? null : (
        <Soft>
          No code is printed: only this computer reaches this program, so your phone could not open it. Start it with
          “npm start -- --share” to have codes.
        </Soft>
      )}
      <Names aria-label="Preview">
        {names.slice(0, NAMED).map((name, index) => (
          <li key={index}>{name}</li>
        ))}
        {count > NAMED ? <li>and {count - NAMED} more</li> : null}
      </Names>
    </Page>
  )
}
