'use client'

import Link from 'next/link'
import { type ReactNode } from 'react'
import { type Answer, type IdentifyQuestion } from '@/core/identify/identify'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { Columns, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { Likeliest } from '../../../shared/burn/Belief'
import { HistoryEffectTable, HistoryFields } from '../HistoryFields'
import { ClaimCheck } from '../../../shared/burn/ClaimCheck'
import { Settle } from './Settle'
import { VerdictCard } from './VerdictCard'
import { Why } from './Why'
import { upperFirst } from '@/core/text/text'
import { Say } from '@/ui/text/Say'

interface Props {
  testId: string
  question: IdentifyQuestion
  setup: TestSetup
  answer: Answer
  onSetup: (setup: TestSetup) => void
  onTry: (feature: string) => void
  /** The one thing to do with it. */
  action: ReactNode
}

/** What it is, how sure, why, what it could still be, what would settle it. */
export function VerdictView({ testId, question, setup, answer, onSetup, onTry, action }: Props) {
  const { words } = usePreferences()
  const { conflicts } = answer
  const taught = question.controls?.length ?? 0
  return (
    <Columns>
      <Stack $gap="1.5rem">
        <VerdictCard answer={answer}>{action}</VerdictCard>
        <Settle answer={answer} onTry={onTry} />
        {conflicts.length > 0 ? (
          <Paper aria-labelledby="conflicts">
            <h2 id="conflicts">Two answers don’t fit together</h2>
            <PlainList>
              {conflicts.slice(0, 3).map(({ text }, i) => (
                <li key={i}>
                  <Callout $tone="warn">
                    <Say>{upperFirst(text)}</Say>
                  </Callout>
                </li>
              ))}
            </PlainList>
          </Paper>
        ) : null}
        <Why question={question} answer={answer} />
      </Stack>
      <Stack $gap="1.5rem">
        <Paper aria-labelledby="could">
          <h2 id="could">What else it could be</h2>
          <Likeliest answer={answer} few={6} words={words} />
        </Paper>
        <ClaimCheck testId={testId} setup={setup} judged={answer.claim} onSetup={onSetup} />
        <Paper aria-labelledby="past">
          <h2 id="past">Its history</h2>
          {answer.history ? (
            <HistoryEffectTable effect={answer.history} />
          ) : (
            <Soft>Its history does not count here.</Soft>
          )}
          <details>
            <summary>Change its history</summary>
            <Stack $gap="0.9rem" $top="0.75rem">
              <HistoryFields setup={setup} onChange={onSetup} />
            </Stack>
          </details>
        </Paper>
        <Soft>
          {taught > 0
            ? `${taught} burns of known samples have taught us how you report. `
            : 'Burn known samples now and then, and we learn how you report. '}
          <Link href="/identify/samples">Your known samples</Link>
        </Soft>
      </Stack>
    </Columns>
  )
}
