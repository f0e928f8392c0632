'use client'

import styled from 'styled-components'
import { nextSign, type Said, type Sign, type Signs } from '@/core/measure/lie/signs'
import { QuietButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { mustHave } from '@/core/lists/items'

const Seen = styled.li`
  display: flex;
  gap: 0.75rem;
  justify-content: space-between;
  align-items: center;
  flex-wrap: wrap;
`

interface Props {
  title: string
  signs: readonly Sign[]
  said: Signs
  onSay: (said: Signs) => void
  choices: readonly (readonly [Said, string])[]
}

/** One sign after another, the weightiest first; those that were looked at can be changed. */
export function SignsOf({ title, signs, said, onSay, choices }: Props) {
  const next = nextSign(signs, said)
  const id = title.replace(/\W/g, '-').toLowerCase()
  return (
    <Paper aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      {next ? (
        <div>
          <ChoiceField
            key={next.id}
            label={next.question}
            value=""
            onChange={(value) => onSay({ ...said, [next.id]: value as Said })}
            options={choices}
          />
          <Soft>{next.how}</Soft>
        </div>
      ) : (
        <Soft>You looked at every sign.</Soft>
      )}
      <PlainList>
        {signs
          .filter((sign) => said[sign.id] !== undefined)
          .map((sign) => (
            <Seen key={sign.id}>
              <span>
                {sign.question} <b>{mustHave(choices.find(([choice]) => choice === said[sign.id]))[1]}</b>
              </span>
              <QuietButton
                aria-label={`Look again: ${sign.question}`}
                onPress={() => onSay({ ...said, [sign.id]: undefined })}
              >
                Look again
              </QuietButton>
            </Seen>
          ))}
      </PlainList>
    </Paper>
  )
}
