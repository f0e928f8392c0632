'use client'

import styled from 'styled-components'
import { type Answer } from '@/core/identify/identify'
import { type Observation } from '@/core/identify/types'
import { fibreName } from '@/core/identify/words'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { Callout } from '@/ui/kit/surfaces'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { PrintPage } from '../log/LogSheet'
import { statesWords } from '../../../shared/burn/session'
import { CLAIM_TITLES, ClaimSigns } from '../../../shared/burn/ClaimCheck'
import { whyTitleOf } from '../../../shared/burn/why'
import { Say } from '@/ui/text/Say'

const Seen = styled.ul`
  columns: 2 16rem;
  margin: 0;
  padding-left: 1.2rem;
`

/** A slip to take back to the shop: what was said, what was seen, what follows, and what does not. */
export function ClaimSlipSheet({
  name,
  setup,
  observations,
  belief,
}: {
  name: string
  setup: TestSetup
  observations: readonly Observation[]
  belief: Answer
}) {
  const { words } = usePreferences()
  const { claim } = belief
  if (!claim)
    return (
      <PrintPage title={`About ${name}`}>
        <Callout>Nothing was claimed about this fabric. Enter what the label says on the result page.</Callout>
      </PrintPage>
    )
  return (
    <PrintPage title={`About ${name}`}>
      <p>
        <b>
          <Say>Sold or labelled as:</Say>
        </b>{' '}
        {setup.claim.map(({ fibre, percent }) => `${percent} % ${fibreName(fibre, words)}`).join(', ')}
      </p>
      <p>
        <b>{CLAIM_TITLES[claim.verdict]}.</b> <Say>{claim.text}</Say>
      </p>
      <p>
        <b>The test shows:</b> <Say>{belief.verdict.text}</Say>
      </p>
      <div>
        <b>
          <Say>What the labelled fabric would have shown</Say>
        </b>
        <ClaimSigns signs={claim.signs} />
      </div>
      <div>
        <b>All answers</b>
        <Seen>
          {observations.map((one, index) => (
            <li key={index}>
              {whyTitleOf(one)}: {statesWords(one.feature, one.states)}
            </li>
          ))}
        </Seen>
      </div>
      <p>
        <Say>
          These are careful home tests of a small sample. They can show that a fabric is not what it was sold as; they
          give no percentages. A dispute needs a textile laboratory (the methods of the ISO 1833 series). A few per
          cent of a stretch fibre can burn unseen, and we don’t claim that there is none.
        </Say>
      </p>
    </PrintPage>
  )
}
