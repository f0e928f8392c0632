'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { fibreName } from '@/core/identify/words'
import { capitalise } from '@/core/units/format'
import { BurnStrip } from '@/ui/burn'
import { Button } from '@/ui/kit/buttons'
import { PutAway } from '@/ui/kit/PutAway'
import { Actions, Callout, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { beginTest } from '../../../shared/burn/beginTest'
import { describeSeen, seenIn } from '../../../shared/burn/session'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { dropControl } from '../actions'
import { type BoxedControl } from './boxedControl'

const Card = styled.li`
  display: grid;
  gap: 0.6rem;
  border-top: 3px solid var(--weld);
  padding-top: 0.8rem;
  min-width: 0;
`

/** One known piece, with what its burns looked like. */
export function KnownSpecimen({ control: { id, fibre, name, sure, impure, tests } }: { control: BoxedControl }) {
  const { words } = usePreferences()
  const { busy, trouble, doing } = useAsyncAction()
  const latest = tests.at(-1)
  return (
    <Card>
      <h3>{name}</h3>
      <p>
        {capitalise(fibreName(fibre, words))}
        {sure ? `. ${sure}` : ''}
      </p>
      {impure ? (
        <Callout $tone="warn" role="note">
          <b>Is it pure?</b> It did not burn like {fibreName(fibre, words)} alone. A sample that people are sure of
          often turns out to be a blend. We don’t use it until this is clear: burn it again, or use another sample.
        </Callout>
      ) : null}
      {latest ? (
        <BurnStrip seen={seenIn(latest.answers)} describe={(features) => describeSeen(latest.answers, features)} />
      ) : null}
      {tests.length > 0 ? (
        <Soft>
          {tests.length === 1 ? 'Burnt once: ' : `Burnt ${tests.length} times, the latest shown: `}
          {tests.map(({ id: testId }, index) => (
            <span key={testId}>
              {index > 0 ? ', ' : ''}
              <Link href={`/identify/burn/${testId}`} aria-label={`Burn ${index + 1} of ${name}`}>
                burn {index + 1}
              </Link>
            </span>
          ))}
          .
        </Soft>
      ) : null}
      <Trouble>{trouble}</Trouble>
      <Actions>
        <Button isDisabled={busy} onPress={() => doing(() => beginTest({ controlId: id }))}>
          {tests.length === 0 ? 'Burn a bit of it' : 'Burn another bit'}
        </Button>
        <PutAway
          offer="Delete sample"
          question={`Delete ${name} with its burn tests?`}
          decide="Delete"
          onDecided={() => dropControl(id)}
        />
      </Actions>
    </Card>
  )
}
