'use client'

import { useMemo, useState } from 'react'
import { featureById, features, stateLabel } from '@/core/identify/features'
import { type IdentifyQuestion } from '@/core/identify/identify'
import { verdictBriefly } from '@/core/identify/verdict'
import { whatIf } from '@/core/identify/whatIf'
import { capitalise } from '@/core/units/format'
import { PARTS, type Part } from '@/core/vocabulary/observations'
import { Skeins } from '@/ui/belief/Skeins'
import { Chip, Chips } from '@/ui/kit/Chips'
import { SelectField } from '@/ui/kit/SelectField'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { whyTitleOf } from '../../../shared/burn/why'

/** What a key of the list means. */
function lookOf(key: string): { feature: string; part: Part } {
  const [feature, part] = key.split(' ') as [string, Part]
  return { feature, part }
}

/** "What if I had smelt vinegar?": the belief with one answer changed, on one click. Nothing is kept of it. */
export function WhatIf({ question, answerWords }: { question: IdentifyQuestion; answerWords: string }) {
  const { words } = usePreferences()
  const seen = useMemo(() => {
    const parts = PARTS.filter((part) => question.observations.some((one) => (one.part ?? 'whole') === part))
    const said = question.observations.map(({ feature, part = 'whole' }) => `${feature} ${part}`)
    // What was seen first, then what was not: that may be supposed as well.
    return [...new Set([...said, ...parts.flatMap((part) => features.map(({ id }) => `${id} ${part}`))])]
  }, [question])
  const smelt = seen.find((key) => key.startsWith('smell '))
  const [chosen, setChosen] = useState<string>()
  const [state, setState] = useState<string>()
  const key = chosen !== undefined && seen.includes(chosen) ? chosen : (smelt ?? seen[0])
  const supposed = useMemo(() => {
    if (key === undefined) return []
    const { feature, part } = lookOf(key)
    return whatIf(question, feature, part, words)
  }, [question, key, words])
  if (key === undefined) return null
  const { feature } = lookOf(key)
  const picked = supposed.find((one) => one.state === state)
  return (
    <Stack $gap="0.7rem">
      <h3>What if you had seen something else?</h3>
      <SelectField
        label="Change the answer to"
        value={key}
        onChange={(value) => {
          setChosen(value)
          setState(undefined)
        }}
        options={seen.map((one) => [one, whyTitleOf(lookOf(one))] as const)}
      />
      <Chips role="group" aria-label={`What if: ${featureById(feature).title}`}>
        {supposed.map(({ state: id, said }) => (
          <Chip key={id} isSelected={id === state} onChange={(on) => setState(on ? id : undefined)}>
            {stateLabel(feature, id)}
            {said ? ' (said)' : ''}
          </Chip>
        ))}
      </Chips>
      <Stack role="status" $gap="0.5rem">
        {picked ? (
          <>
            <p>
              <b>Then it would be {verdictBriefly(picked.verdict, words)}.</b> {capitalise(answerWords)} with your
              answers.
            </p>
            <Skeins belief={picked.families} />
          </>
        ) : (
          <Soft>Choose an answer: this changes nothing in your test.</Soft>
        )}
      </Stack>
    </Stack>
  )
}
