'use client'

import Link from 'next/link'
import { type ClaimAnswer, type ClaimSign } from '@/core/identify/types'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { ClaimRows } from '../claim/ClaimRows'
import { statesWords } from './session'
import { whyTitleOf } from './why'
import { Say } from '@/ui/text/Say'

export const CLAIM_TITLES = {
  supported: 'It fits',
  doubtful: 'Doubtful',
  contradicted: 'It does not fit',
  untested: 'Not tested here',
} as const

/** A sign that moves the odds by less than this is not worth a line, bits. */
const WORTH_A_LINE = 0.4
const MOST_SIGNS = 4

/** Is the label or the seller's word true? Judged as it is typed. */
export function ClaimCheck({
  testId,
  setup,
  judged,
  onSetup,
}: {
  testId: string
  setup: TestSetup
  judged: ClaimAnswer | undefined
  onSetup: (setup: TestSetup) => void
}) {
  return (
    <Paper aria-labelledby="claim">
      <h2 id="claim">Is the label true?</h2>
      <Soft>What the label or the seller says, with percentages.</Soft>
      <ClaimRows claim={setup.claim} onChange={(claim) => onSetup({ ...setup, claim })} />
      {judged ? (
        <>
          <ClaimSlip judged={judged} />
          <ClaimSigns signs={judged.signs} />
          <Link href={`/identify/burn/${testId}/note`}>Note to take back to the shop</Link>
        </>
      ) : null}
    </Paper>
  )
}

/** The judgement on a claim. */
export function ClaimSlip({ judged }: { judged: ClaimAnswer }) {
  return (
    <Callout
      $tone={judged.verdict === 'contradicted' ? 'warn' : judged.verdict === 'supported' ? 'good' : 'plain'}
      role="status"
    >
      <b>{CLAIM_TITLES[judged.verdict]}.</b> <Say>{judged.text}</Say>
    </Callout>
  )
}

/** What true cloth would have shown, beside what was seen; the weightiest few. */
export function ClaimSigns({ signs }: { signs: readonly ClaimSign[] }) {
  const telling = signs.filter(({ bits }) => Math.abs(bits) >= WORTH_A_LINE).slice(0, MOST_SIGNS)
  if (telling.length === 0) return null
  return (
    <PlainList aria-label="What a true label would have shown">
      {telling.map(({ feature, part, expected, seen, bits }) => (
        <li key={`${feature} ${part}`}>
          <b>{whyTitleOf({ feature, part })}.</b>{' '}
          <Say>
            {seen.includes(expected)
              ? `“${statesWords(feature, seen)}”, as the labelled fabric most often ` +
                `gives${bits < 0 ? ', but something else fits even better' : ''}.`
              : `The labelled fabric would most often give “${statesWords(feature, [expected])}”; you saw ` +
                `“${statesWords(feature, seen)}”${bits < 0 ? ', which speaks against it' : ', which fits as well'}.`}
          </Say>
        </li>
      ))}
    </PlainList>
  )
}
