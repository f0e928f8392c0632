'use client'

import { useState } from 'react'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { features } from '@/core/identify/features'
import { type TestAnswer } from '@/core/notebook/answers'
import { BurnStrip, type DrawnYarn } from '@/ui/burn'
import { SelectField } from '@/ui/kit/SelectField'
import { Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { describeSeen, seenIn, statesWords } from '../../../shared/burn/session'
import { itemAt, mustHave } from '@/core/lists/items'

/** Something that was burnt, to lay beside something else. */
export interface Comparable {
  id: string
  label: string
  answers: readonly TestAnswer[]
  yarn?: DrawnYarn
}

const Pair = styled.div`
  display: grid;
  gap: 0.4rem;
`

/** Two specimens side by side: their strips, and in words where they part. */
export function CompareBurns({ choices }: { choices: readonly Comparable[] }) {
  const [first, setFirst] = useState(choices[0]?.id)
  const [second, setSecond] = useState(choices[1]?.id)
  if (choices.length < 2) return null
  const of = (id: string | undefined, otherwise: number) =>
    choices.find((one) => one.id === id) ?? itemAt(choices, otherwise)
  const a = of(first, 0)
  const b = of(second, 1)
  const [seenA, seenB] = [seenIn(a.answers), seenIn(b.answers)]
  const both = features.filter(({ id }) => seenA[id] && seenB[id])
  const apart = both.filter(({ id }) => !mustHave(seenA[id]).some((state) => mustHave(seenB[id]).includes(state)))
  const options = choices.map(({ id, label }) => [id, label] as const)
  return (
    <Paper aria-labelledby="compare">
      <h2 id="compare">Compare two samples</h2>
      {[
        [a, setFirst, 'First'],
        [b, setSecond, 'Second'],
      ].map(([one, set, label]) => {
        const { id, answers, yarn } = one as Comparable
        return (
          <Pair key={label as string}>
            <SelectField
              label={label as string}
              value={id}
              onChange={set as (id: string) => void}
              options={options}
            />
            <BurnStrip seen={seenIn(answers)} describe={(asked) => describeSeen(answers, asked)} yarn={yarn} />
          </Pair>
        )
      })}
      <Stack role="status" $gap="0.4rem">
        {both.length === 0 ? (
          <Soft>No question was answered for both.</Soft>
        ) : (
          <p>
            {apart.length === 0
              ? `They agree in everything you saw on both: ${countNoun(both.length, 'thing')}.`
              : `They differ in ${apart.length} of ${countNoun(both.length, 'thing')} that you saw on both:`}
          </p>
        )}
        <PlainList>
          {apart.map(({ id, title }) => (
            <li key={id}>
              <b>{title}:</b> “{statesWords(id, mustHave(seenA[id]))}” against “{statesWords(id, mustHave(seenB[id]))}
              ”
            </li>
          ))}
        </PlainList>
      </Stack>
    </Paper>
  )
}
