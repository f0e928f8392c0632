'use client'

import styled from 'styled-components'
import { STEP_WORDS, type MakingStep } from '@/core/vocabulary/making'
import { type StepNow } from '@/core/making/progress'

const Strip = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  a {
    display: inline-flex;
    gap: 0.4rem;
    align-items: center;
    min-height: 2.75rem;
    padding: 0.3rem 0.8rem;
    border-bottom: 3px solid var(--line);
    color: var(--ink);
    text-decoration: none;
  }
  .behind a {
    border-color: var(--green);
  }
  .now a {
    border-color: var(--madder);
    background: var(--paper);
    font-weight: 700;
  }
`
const MARKS = { behind: '✓', now: '→', ahead: '' } as const
const STATE_WORDS = { behind: 'done', now: 'next', ahead: 'later' } as const

/** The steps of a project in the order of the work: what is behind it, what is next. */
export function StepStrip({ steps, onChoose }: { steps: readonly StepNow[]; onChoose: (step: MakingStep) => void }) {
  return (
    <nav aria-label="Steps of the project">
      <Strip>
        {steps.map(({ id, state }) => (
          <li key={id} className={state}>
            <a href={`#step-${id}`} aria-current={state === 'now' ? 'step' : undefined} onClick={() => onChoose(id)}>
              <span aria-hidden>{MARKS[state]}</span>
              {STEP_WORDS[id].title}
              <span className="visually-hidden">, {STATE_WORDS[state]}</span>
            </a>
          </li>
        ))}
      </Strip>
    </nav>
  )
}
