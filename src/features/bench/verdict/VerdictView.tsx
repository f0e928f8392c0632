'use client'

import Link from 'next/link'
import { type Answer, type Question } from '@/core/identify/identify'
import { capitalised } from '@/core/units/format'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { Columns, Paper, PlainList, Slip, Soft } from '@/ui/controls/surfaces'
import { usePreferences } from '../../settings/PreferencesContext'
import { Likeliest } from '../Belief'
import { HistoryEffectTable, HistoryFields } from '../HistoryFields'
import { ClaimCheck } from './ClaimCheck'
import { Settle } from './Settle'
import { VerdictCard } from './VerdictCard'
import { Why } from './Why'

interface Props {
  testId: string
  question: Question
  setup: TestSetup
  answer: Answer
  onSetup: (setup: TestSetup) => void
  onTry: (feature: string) => void
}

/** What it is, how sure, why, what it could still be, what would settle it. */
export function VerdictView({ testId, question, setup, answer, onSetup, onTry }: Props) {
  const { words } = usePreferences()
  const { conflicts } = answer
  const taught = question.controls?.length ?? 0
  return (
    <Columns>
      <div style={{ display: 'grid', gap: '1.5rem', alignContent: 'start', minWidth: 0 }}>
        <VerdictCard answer={answer} />
        <Settle answer={answer} onTry={onTry} />
        {conflicts.length > 0 ? (
          <Paper aria-labelledby="conflicts">
            <h2 id="conflicts">Two things that do not go together</h2>
            <PlainList>
              {conflicts.slice(0, 3).map(({ text }) => (
                <li key={text}>
                  <Slip $tone="warn">{capitalised(text)}</Slip>
                </li>
              ))}
            </PlainList>
          </Paper>
        ) : null}
        <Why question={question} answer={answer} />
      </div>
      <div style={{ display: 'grid', gap: '1.5rem', alignContent: 'start', minWidth: 0 }}>
        <Paper aria-labelledby="could">
          <h2 id="could">What it could still be</h2>
          <Likeliest answer={answer} few={6} words={words} />
        </Paper>
        <ClaimCheck testId={testId} setup={setup} judged={answer.claim} onSetup={onSetup} />
        <Paper aria-labelledby="past">
          <h2 id="past">Its past</h2>
          {answer.history ? <HistoryEffectTable effect={answer.history} /> : <Soft>Nothing of its past counts.</Soft>}
          <details>
            <summary>Change what is known</summary>
            <div style={{ display: 'grid', gap: '0.9rem', paddingTop: '0.75rem' }}>
              <HistoryFields setup={setup} onChange={onSetup} />
            </div>
          </details>
        </Paper>
        <Soft>
          {taught > 0
            ? `${taught} burns of known pieces have taught it how you report. `
            : 'Burn known pieces now and then, and it learns how you report. '}
          <Link href="/bench/controls">Your controls box</Link>
        </Soft>
      </div>
    </Columns>
  )
}
