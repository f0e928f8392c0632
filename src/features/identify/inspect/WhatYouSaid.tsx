'use client'

import styled from 'styled-components'
import { inspectionById, inspectionFeatures } from '@/core/cloths/inspection'
import { type InspectionId } from '@/core/vocabulary/inspection'
import { Button } from '@/ui/kit/buttons'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Paper } from '@/ui/kit/surfaces'
import { type Inspection } from './useInspection'
import { mustHave } from '@/core/lists/items'

const Told = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
`

/** Every answer, to be changed by a press; and what else can be looked at. */
export function WhatYouSaid({ inspection: { answers, done, ask, beginAgain } }: { inspection: Inspection }) {
  const others = inspectionFeatures.filter(({ id }) => !done.has(id)).map(({ id, title }) => [id, title] as const)
  return (
    <Paper aria-labelledby="told">
      <h2 id="told">Your answers</h2>
      <Told>
        {answers.map(([id, states]) => (
          <li key={id}>
            <Button onPress={() => ask(id)}>
              {inspectionById(id).title}: {saidOf(id, states)}
            </Button>
          </li>
        ))}
      </Told>
      <Actions>
        <SelectField
          label="Answer another question"
          value=""
          onChange={(id) => ask((id || undefined) as InspectionId | undefined)}
          options={[['', 'Change'], ...others]}
        />
        <Button onPress={beginAgain}>Start again</Button>
      </Actions>
    </Paper>
  )
}

function saidOf(id: InspectionId, states: readonly string[]): string {
  const { states: known } = inspectionById(id)
  return (
    states.map((state) => mustHave(known.find((one) => one.id === state)).label.toLowerCase()).join(' and ') ||
    'not sure'
  )
}
