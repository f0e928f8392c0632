'use client'

import { featureById, type Hazard } from '@/core/identify/features'
import { type Answer } from '@/core/identify/identify'
import { Button } from '@/ui/kit/buttons'
import { Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import styled from 'styled-components'

const Tries = styled(PlainList)`
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 13rem), 1fr));
  gap: 1rem 1.5rem;
  li {
    display: grid;
    gap: 0.4rem;
    justify-items: start;
    align-content: start;
  }
`

const HAZARD_WORDS: Record<Hazard, string> = {
  none: 'no flame',
  flame: 'with a flame',
  solvent: 'acetone: no flame in the room',
  bleach: 'bleach: alone, with gloves',
}

/** What to do next, or why to stop. */
export function Settle({ answer: { next, stop }, onTry }: { answer: Answer; onTry: (feature: string) => void }) {
  return (
    <Paper aria-labelledby="settle">
      <h2 id="settle">What would tell for certain</h2>
      {stop ? <Callout $tone="good">{stop}</Callout> : null}
      <Tries>
        {next.slice(0, 3).map(({ feature: id, text }) => {
          const { title, hazard, minutes } = featureById(id)
          return (
            <li key={id}>
              <span>
                <b>{title}</b> ({HAZARD_WORDS[hazard]}, about {minutes} min)
              </span>
              <Soft>
                <Terms>{text}</Terms>
              </Soft>
              <Button onPress={() => onTry(id)}>Try it: {title.toLowerCase()}</Button>
            </li>
          )
        })}
      </Tries>
    </Paper>
  )
}
