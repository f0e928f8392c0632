'use client'

import { featureById } from '@/core/identify/features'
import { Button } from '@/ui/kit/buttons'
import { Actions, PlainList, Callout } from '@/ui/kit/surfaces'
import { statesWords } from '../../shared/burn/session'
import { type TestClash } from './keeping/useAutosave'

const said = (feature: string, states: readonly string[]) =>
  states.length === 0 ? 'not sure' : statesWords(feature, states)

/** Two windows answered one test: what differs, and whose answer counts. Everything else of both is kept. */
export function ClashSlip({ clash: { differences, settle } }: { clash: TestClash }) {
  return (
    <Callout $tone="warn" role="alert">
      <p>
        <b>This test was also answered in another window.</b> We keep answers that only one window has. Here they
        differ:
      </p>
      <PlainList>
        {differences.map(({ specimen, feature, first, second }) => (
          <li key={`${specimen} ${feature}`}>
            {featureById(feature).title}, sample {specimen}: here “{said(feature, first)}”, in the other window “
            {said(feature, second)}”.
          </li>
        ))}
      </PlainList>
      <Actions>
        <Button onPress={() => settle('mine')}>Use the answers from here</Button>
        <Button onPress={() => settle('theirs')}>Use the answers from there</Button>
      </Actions>
    </Callout>
  )
}
