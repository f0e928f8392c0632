'use client'

import styled from 'styled-components'
import { fibreById } from '@/core/fibres/catalogue'
import { families } from '@/core/fibres/families'
import { type FamilyId } from '@/core/fibres/types'
import { featureById } from '@/core/identify/features'
import { type Answer } from '@/core/identify/identify'
import { type Observation } from '@/core/identify/types'
import { traceWeight } from '@/core/identify/priors'
import { capitalised, fibreName } from '@/core/identify/words'
import { formatPercent } from '@/core/units/format'
import { Skeins } from '@/ui/belief/Skeins'
import { Button } from '@/ui/controls/buttons'
import { Columns, Lead, Paper, PlainList, Slip, Soft } from '@/ui/controls/surfaces'
import { usePreferences } from '../settings/PreferencesContext'
import { Likeliest } from './Belief'
import { ClaimCheck } from './ClaimCheck'
import { evidenceWords } from './why'

const Card = styled(Paper)`
  border: 0;
  border-left: 14px solid var(--weld);
  box-shadow: var(--shadow);
  h2 { font-size: clamp(1.5rem, 1.2rem + 1.4vw, 2.1rem); }
`

const Evidence = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
  li { display: grid; grid-template-columns: minmax(0, 1fr) 4.5rem; gap: 0.1rem 0.75rem; align-items: center; }
  span { color: var(--ink-soft); }
  i { height: 8px; background: var(--indigo); justify-self: start; grid-row: 1 / 3; grid-column: 2; min-width: 2px; }
`

const LOUDEST_BITS = 6

/** The title of a verdict, a few words. */
export function verdictTitle({ verdict }: Answer, words: 'uk' | 'us'): string {
  switch (verdict.level) {
    case 'fibre':
      return capitalised(fibreName(verdict.leaning[0]!, words))
    case 'blend':
      return capitalised(verdict.sides.map((side) => side.map((id) => (id in families ? families[id as FamilyId].name.toLowerCase() : fibreName(id as never, words))).join(' or ')).join(', with '))
    case 'family':
      return `${families[verdict.ids[0] as FamilyId].name} fibre`
    case 'group':
      return `${verdict.ids.map((id) => families[id as FamilyId].name).join(' or ')} fibre`
    case 'undecided':
      return 'Not settled yet'
  }
}

/** What it is, how sure, why, what it could still be, what would settle it. */
export function VerdictView({ answer, observations, onTry }: { answer: Answer; observations: readonly Observation[]; onTry: (feature: string) => void }) {
  const { words } = usePreferences()
  const { verdict, next, conflicts } = answer
  const lookalike = verdict.leaning.map((id) => fibreById(id).lookalike).find((text) => text !== null)
  const traceUnseen = verdict.level !== 'undecided' && verdict.level !== 'blend' && !verdict.leaning.some((id) => traceWeight[id] !== undefined)
  const evidence = answer.evidence.map(evidenceWords).sort((a, b) => b.strength - a.strength)
  return (
    <Columns>
      <div style={{ display: 'grid', gap: '1.5rem', alignContent: 'start', minWidth: 0 }}>
        <Card aria-labelledby="verdict">
          <h2 id="verdict">{verdictTitle(answer, words)}</h2>
          <Lead role="status">{verdict.text}</Lead>
          {verdict.level === 'undecided' ? null : <Soft>How sure: {formatPercent(verdict.probability)}.{lookalike && verdict.level !== 'fibre' ? ` By flame, ${lookalike}.` : ''}</Soft>}
          {traceUnseen ? <Soft>A few per cent of {fibreName('elastane', words)} can burn unseen: pull a yarn, and see whether it springs back.</Soft> : null}
          <Skeins belief={answer.families} />
        </Card>
        {conflicts.length > 0 ? (
          <Paper aria-labelledby="conflicts">
            <h2 id="conflicts">Two things that do not go together</h2>
            <PlainList>{conflicts.slice(0, 3).map(({ text }) => <li key={text}><Slip $tone="warn">{capitalised(text)}</Slip></li>)}</PlainList>
          </Paper>
        ) : null}
        <Paper aria-labelledby="why">
          <h2 id="why">Why</h2>
          <Evidence>
            {evidence.map(({ seen, says, strength }) => (
              <li key={seen}>
                <b>{seen}</b><span>{capitalised(says)}</span>
                <i aria-hidden style={{ width: `${Math.min(1, strength / LOUDEST_BITS) * 100}%` }} />
              </li>
            ))}
          </Evidence>
          {evidence.length === 0 ? <Soft>Nothing was seen, so nothing speaks.</Soft> : null}
          <Soft>Answers about the same look (one residue, one flame) are not counted twice over: the strongest counts in full, the others for less.</Soft>
        </Paper>
      </div>
      <div style={{ display: 'grid', gap: '1.5rem', alignContent: 'start', minWidth: 0 }}>
        <Paper aria-labelledby="settle">
          <h2 id="settle">What would settle it</h2>
          {next.length === 0 ? <p>Stop here: nothing that can be done at home would tell more.</p> : null}
          <PlainList>
            {next.slice(0, 3).map(({ feature, text, hazard }) => (
              <li key={feature} style={{ display: 'grid', gap: '0.4rem', justifyItems: 'start' }}>
                <span><b>{featureById(feature).title}</b> ({hazard === 'none' ? 'no flame' : hazard})</span>
                <Soft>{text}</Soft>
                <Button onPress={() => onTry(feature)}>Try it: {featureById(feature).title.toLowerCase()}</Button>
              </li>
            ))}
          </PlainList>
        </Paper>
        <Paper aria-labelledby="could">
          <h2 id="could">What it could still be</h2>
          <Likeliest answer={answer} few={6} words={words} />
        </Paper>
        <ClaimCheck observations={observations} />
      </div>
    </Columns>
  )
}
