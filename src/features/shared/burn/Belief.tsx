'use client'

import styled from 'styled-components'
import { type Answer } from '@/core/identify/identify'
import { fibreListWords } from '@/core/identify/words'
import { formatPercent } from '@/core/units/format'
import { Skeins } from '@/ui/belief/Skeins'
import { Paper, Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../settings/PreferencesContext'
import { ShareBar } from '@/ui/kit/Share'
import { Say } from '@/ui/text/Say'

const Could = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.3rem;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) max-content;
    gap: 0 0.75rem;
  }
  i {
    grid-column: 1 / -1;
    height: 4px;
    background: var(--walnut);
    justify-self: start;
    min-width: 2px;
  }
`

/** What is believed at this moment: in words, as skeins, and as the likeliest few cloths. */
export function Belief({ answer, few = 3 }: { answer: Answer; few?: number }) {
  const { words } = usePreferences()
  return (
    <Paper aria-labelledby="belief">
      <h2 id="belief">Looks most like</h2>
      <p role="status">
        <b>
          <Say>{answer.verdict.text}</Say>
        </b>
      </p>
      <Skeins belief={answer.families} />
      <Likeliest answer={answer} few={few} words={words} />
    </Paper>
  )
}

/** The likeliest cloths with their probabilities; blends of the same fibres in other shares are put together. */
export function Likeliest({ answer, few, words }: { answer: Answer; few: number; words: 'uk' | 'us' }) {
  const sets = new Map<string, { label: string; probability: number }>()
  for (const { fibres, probability } of answer.hypotheses) {
    const ids = fibres.map(({ id }) => id)
    const key = [...ids].sort().join('+')
    const before = sets.get(key)
    sets.set(
      key,
      before
        ? { ...before, probability: before.probability + probability }
        : { label: fibreListWords(ids, words), probability },
    )
  }
  const top = [...sets.values()].sort((a, b) => b.probability - a.probability).slice(0, few)
  const rest = 1 - top.reduce((sum, { probability }) => sum + probability, 0)
  return (
    <div>
      <Could aria-label="Likeliest fabrics">
        {top.map(({ label, probability }) => (
          <li key={label}>
            <span>{label}</span> <span>{formatPercent(probability)}</span>
            <ShareBar $of={probability} />
          </li>
        ))}
      </Could>
      <Soft>All others: {formatPercent(Math.max(0, rest))}.</Soft>
    </div>
  )
}
