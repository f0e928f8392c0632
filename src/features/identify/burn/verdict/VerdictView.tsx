'use client'

import Link from 'next/link'
import { useState, type ReactNode } from 'react'
import { type Answer, type IdentifyQuestion } from '@/core/identify/identify'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { countNoun } from '@/core/units/format'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Columns, Folds, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
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

/** What it is, how sure, and what would settle it; why, what else it could be, its label and its past are folded. */
export function VerdictView({ testId, question, setup, answer, onSetup, onTry, action }: Props) {
  const { words } = usePreferences()
  const { conflicts } = answer
  const taught = question.controls?.length ?? 0
  // Where it stands is decided once: a field that moves while it is filled loses the keys.
  const [isLabelled] = useState(setup.claim.length > 0)
  const label = <ClaimCheck testId={testId} setup={setup} judged={answer.claim} onSetup={onSetup} />
  return (
    <>
      <Columns>
        <VerdictCard answer={answer}>{action}</VerdictCard>
        <Stack $gap="1.25rem">
          <Settle answer={answer} onTry={onTry} />
          {isLabelled ? label : null}
        </Stack>
      </Columns>
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
      <Folds>
        <WhenOpened summary={`Why · ${countNoun(answer.evidence.length, 'answer')}`}>
          {() => <Why question={question} answer={answer} />}
        </WhenOpened>
        <WhenOpened summary="What else it could be">
          {() => <Likeliest answer={answer} few={6} words={words} />}
        </WhenOpened>
        {isLabelled ? null : <WhenOpened summary="Is the label true?">{() => label}</WhenOpened>}
        <WhenOpened summary={`Its history · ${answer.history ? 'counts as a hint' : 'does not count'}`}>
          {() => (
            <Paper aria-labelledby="past">
              <h2 id="past">Its history</h2>
              {answer.history ? <HistoryEffectTable effect={answer.history} /> : null}
              <HistoryFields setup={setup} onChange={onSetup} />
            </Paper>
          )}
        </WhenOpened>
        <WhenOpened summary={`How we learn from your known samples · ${countNoun(taught, 'burn')}`}>
          {() => (
            <Soft>
              {taught > 0
                ? `${taught} burns of known samples have taught us how you report. `
                : 'Burn known samples now and then, and we learn how you report. '}
              <Link href="/identify/samples">Your known samples</Link>
            </Soft>
          )}
        </WhenOpened>
      </Folds>
    </>
  )
}
