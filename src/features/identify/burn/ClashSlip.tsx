'use client'

import { featureById } from '@/core/identify/features'
import { Button } from '@/ui/kit/buttons'
import { Actions, PlainList, Callout } from '@/ui/kit/surfaces'
import { statesWords } from '../../shared/burn/session'
import { type TestClash } from './keeping/useAutosave'

const said = (feature: string, states: readonly string[]) =>
  states.length === 0 ? 'not seen' : statesWords(feature, states)

/** Two windows answered one test: what differs, and whose answer counts. Everything else of both is kept. */
export function ClashSlip({ clash: { differences, settle } }: { clash: TestClash }) {
  return (
    <Callout $tone="warn" role="alert">
      <p>
        <b>This test was answered in another window too.</b> All that only one of them has is kept. Here they differ:
      </p>
      <PlainList>
        {differences.map(({ specimen, feature, first, second }) => (
          <li key={`${specimen} ${feature}`}>
            {featureById(feature).title}, specimen {specimen}: here “{said(feature, first)}”, there “
            {said(feature, second)}”.
          </li>
        ))}
      </PlainList>
      <Actions>
        <Button onPress={() => settle('mine')}>The answers here count</Button>
        <Button onPress={() => settle('theirs')}>The answers there count</Button>
      </Actions>
    </Callout>
  )
}
