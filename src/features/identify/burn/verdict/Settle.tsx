'use client'

import { featureById, type Hazard } from '@/core/identify/features'
import { type Answer } from '@/core/identify/identify'
import { itemAt } from '@/core/lists/items'
import { AnswerDrawing, HowDrawing } from '@/ui/burn'
import { Button } from '@/ui/kit/buttons'
import { Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import styled from 'styled-components'

const Tries = styled(PlainList)`
  gap: 0.9rem;
  li {
    display: grid;
    grid-template-columns: 5.5rem minmax(0, 1fr);
    gap: 0.2rem 0.9rem;
    align-items: center;
    border-top: 1px solid var(--line);
    padding-top: 0.9rem;
  }
  li > svg {
    width: 100%;
    height: auto;
  }
  li > div {
    display: grid;
    gap: 0.3rem;
    justify-items: start;
  }
`

const Why = styled(Soft)`
  grid-column: 1 / -1;
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
          const { title, hazard, minutes, kind, states } = featureById(id)
          return (
            <li key={id}>
              {kind === 'burn' ? (
                <AnswerDrawing feature={id} state={itemAt(states, 0).id} />
              ) : (
                <HowDrawing feature={id} />
              )}
              <div>
                <b>{title}</b>
                <Soft>
                  {HAZARD_WORDS[hazard]}, about {minutes} min
                </Soft>
                <Button onPress={() => onTry(id)}>Try it: {title.toLowerCase()}</Button>
              </div>
              <Why>
                <Terms>{text}</Terms>
              </Why>
            </li>
          )
        })}
      </Tries>
    </Paper>
  )
}
