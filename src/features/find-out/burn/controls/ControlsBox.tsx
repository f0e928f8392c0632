'use client'

import Link from 'next/link'
import { useTransition } from 'react'
import styled from 'styled-components'
import { fibres } from '@/core/fibres/catalogue'
import { type FibreId } from '@/core/vocabulary/fibres'
import { featureById } from '@/core/identify/features'
import { type OwnWay } from '@/core/identify/nose'
import { capitalised, formatPercent } from '@/core/units/format'
import { fibreName } from '@/core/identify/words'
import { type TestAnswer } from '@/core/notebook/answers'
import { BurnStrip } from '@/ui/burn'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { PutAway } from '@/ui/kit/PutAway'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Lead, Page, Paper, PlainList, Slip, Soft, Stack } from '@/ui/kit/surfaces'
import { FormTrouble } from '../../../shared/form/FormTrouble'
import { useForm } from '../../../shared/form/useForm'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { beginTest } from '../../../shared/burn/beginTest'
import { dropControl, keepControl } from '../actions'
import { describeSeen, seenIn, statesWords } from '../../../shared/burn/session'

export interface BoxedControl {
  id: string
  fibre: FibreId
  name: string
  sure: string
  impure: boolean
  tests: { id: string; answers: TestAnswer[] }[]
}

const Card = styled.li`
  display: grid;
  gap: 0.6rem;
  border-top: 3px solid var(--weld);
  padding-top: 0.8rem;
  min-width: 0;
`
const Cards = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1.5rem;
`

/** The fewest burns of one fibre that move anything much. */
const ENOUGH_BURNS = 3

/** The controls box: known pieces, what their burns looked like, and what they taught the program about this person. */
export function ControlsBox({ box, ways }: { box: BoxedControl[]; ways: OwnWay[] }) {
  const { words } = usePreferences()
  const burns = box.reduce((sum, { tests }) => sum + tests.length, 0)
  return (
    <Page>
      <div>
        <Link href="/bench">The burn bench</Link>
        <h1>Your controls box</h1>
        <Lead>
          Bits of cloth that you are sure of. Lay them beside an unknown; burn them now and then, and the bench learns
          what you mean by “chemical” or “celery”.
        </Lead>
      </div>
      <Columns $first="1.5fr">
        <Paper aria-labelledby="known">
          <h2 id="known">Known pieces</h2>
          {box.length === 0 ? (
            <Slip>
              The box is empty. Begin with a cotton, a wool and a polyester: the offcuts of a thing whose label you
              believe.
            </Slip>
          ) : null}
          <Cards>
            {box.map((control) => (
              <Known key={control.id} control={control} />
            ))}
          </Cards>
        </Paper>
        <Stack $gap="1.5rem">
          <NewControl />
          <Paper aria-labelledby="nose">
            <h2 id="nose">What they taught</h2>
            {ways.length === 0 ? (
              <Soft>
                {burns === 0
                  ? 'Nothing yet: no known piece has been burnt.'
                  : `Nothing that matters yet. About ${ENOUGH_BURNS} burns of one fibre begin to count; a ` +
                    'single slip does no harm.'}
              </Soft>
            ) : (
              <PlainList>
                {ways.slice(0, 6).map(({ feature, fibres: alike, says, common, own }) => (
                  <li key={`${feature} ${alike.join()} ${says}`}>
                    <b>
                      {featureById(feature).title},{' '}
                      {alike
                        .slice(0, 3)
                        .map((id) => fibreName(id, words))
                        .join(', ')}
                      :
                    </b>{' '}
                    you say “{statesWords(feature, [says])}” more often than most, so it is reckoned with at{' '}
                    {formatPercent(own)} instead of {formatPercent(common)}.
                  </li>
                ))}
              </PlainList>
            )}
            <Soft>
              Your own reports never weigh more than everybody’s together, and a piece that looks impure teaches
              nothing.
            </Soft>
          </Paper>
        </Stack>
      </Columns>
    </Page>
  )
}

function Known({ control: { id, fibre, name, sure, impure, tests } }: { control: BoxedControl }) {
  const { words } = usePreferences()
  const [starting, start] = useTransition()
  const latest = tests.at(-1)
  return (
    <Card>
      <h3>{name}</h3>
      <p>
        {capitalised(fibreName(fibre, words))}
        {sure ? `. ${sure}` : ''}
      </p>
      {impure ? (
        <Slip $tone="warn" role="note">
          <b>Is it pure?</b> It did not burn like {fibreName(fibre, words)} alone. A bit that people are sure of often
          turns out to be a blend. It teaches nothing until that is cleared up: burn it again, or take another piece.
        </Slip>
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
              <Link href={`/bench/${testId}`} aria-label={`Burn ${index + 1} of ${name}`}>
                burn {index + 1}
              </Link>
            </span>
          ))}
          .
        </Soft>
      ) : null}
      <Actions>
        <Button isDisabled={starting} onPress={() => start(() => beginTest({ controlId: id }))}>
          {tests.length === 0 ? 'Burn a bit of it' : 'Burn another bit'}
        </Button>
        <PutAway
          offer="Take it out of the box"
          question={`Take ${name} out of the box, with its burns?`}
          decide="Take it out"
          onDecided={() => dropControl(id)}
        />
      </Actions>
    </Card>
  )
}

const EMPTY = { fibre: 'cotton' as FibreId, name: '', sure: '' }

function NewControl() {
  const { words } = usePreferences()
  const form = useForm({
    initial: EMPTY,
    save: (control) => keepControl(control),
    onKept: () => form.replace(EMPTY),
    keepAs: 'new-control',
  })
  const { value, set, error, saving } = form
  return (
    <Paper aria-labelledby="new-control">
      <h2 id="new-control">Put a known piece in</h2>
      <SelectField
        label="It is"
        value={value.fibre}
        onChange={(fibre) => set({ fibre: fibre as FibreId })}
        options={fibres.map(({ id, name }) => [id, name[words]] as const)}
      />
      <TextField label="Called" value={value.name} error={error('name')} onChange={(name) => set({ name })} />
      <TextField
        label="Why you are sure"
        hint="A label you believe, a thread you bought, a test."
        value={value.sure}
        error={error('sure')}
        onChange={(sure) => set({ sure })}
      />
      <FormTrouble form={form} fields={[]} />
      <Actions>
        <StrongButton isDisabled={saving || value.name.trim() === ''} onPress={form.submit}>
          Put it in the box
        </StrongButton>
      </Actions>
    </Paper>
  )
}
