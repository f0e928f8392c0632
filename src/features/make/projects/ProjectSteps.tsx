'use client'

import dynamic from 'next/dynamic'
import { useState, useSyncExternalStore } from 'react'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { STEP_WORDS, type MakingStep } from '@/core/vocabulary/making'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { ENOUGH_WORDS } from '../holding/enoughWords'
import { StepStrip } from './StepStrip'
import { type ProjectData } from './types'

// The step that is open is fetched with the page, any other when it is opened.
const BODIES = {
  cloth: dynamic(() => import('./ClothStep').then(({ ClothStep: part }) => part)),
  enough: dynamic(() => import('./EnoughStep').then(({ EnoughStep: part }) => part)),
  buy: dynamic(() => import('./BuyStep').then(({ BuyStep: part }) => part)),
  done: dynamic(() => import('./DoneStep').then(({ DoneStep: part }) => part)),
} as const
const HandStep = dynamic(() => import('./HandStep').then(({ HandStep: part }) => part))

const Step = styled.details`
  background: var(--paper);
  border: 1px solid var(--line);
  border-left: 6px solid var(--line);
  border-radius: 3px;
  min-width: 0;
  &[data-state='behind'] {
    border-left-color: var(--green);
  }
  &[data-state='now'] {
    border-left-color: var(--madder);
  }
  > summary {
    min-height: 2.9rem;
    padding: 0.5rem 1rem;
    align-content: center;
    cursor: pointer;
  }
  h2 {
    display: inline;
    font-size: 1.15rem;
    margin-right: 0.6rem;
  }
  > div {
    padding: 0.25rem 1rem 1rem;
  }
`

function onHash(changed: () => void): () => void {
  window.addEventListener('hashchange', changed)
  return () => window.removeEventListener('hashchange', changed)
}

/** The steps as a line, and each under it: the present one open, any other one line with its result or its need. */
export function ProjectSteps({ project }: { project: ProjectData }) {
  const { steps } = project
  const now = steps.find(({ state }) => state === 'now')?.id
  // A step that was ticked stays open until it is closed: the keys are in it.
  const [isOpen, setOpen] = useState<Partial<Record<MakingStep, boolean>>>(now ? { [now]: true } : {})
  const show = (step: MakingStep, open: boolean) => setOpen((before) => ({ ...before, [step]: open }))
  // An address may name a step.
  const named = useSyncExternalStore(
    onHash,
    () => location.hash,
    () => '',
  )
  return (
    <>
      <StepStrip steps={steps} onChoose={(step) => show(step, true)} />
      <Stack $gap="0.5rem">
        {steps.map(({ id, state }) => {
          const open = isOpen[id] ?? (id === now || named === `#step-${id}`)
          return (
            <Step
              key={id}
              id={`step-${id}`}
              data-state={state}
              open={open}
              onToggle={({ currentTarget }) => currentTarget.open !== open && show(id, currentTarget.open)}
            >
              <summary>
                <h2>{STEP_WORDS[id].title}</h2>
                <Soft as="span">{stepLine(id, project)}</Soft>
              </summary>
              {open ? (
                <div>
                  <StepBody step={id} project={project} />
                </div>
              ) : null}
            </Step>
          )
        })}
      </Stack>
    </>
  )
}

function StepBody({ step, project }: { step: MakingStep; project: ProjectData }) {
  if (step === 'prepare' || step === 'cut' || step === 'sew') return <HandStep project={project} step={step} />
  const Body = BODIES[step]
  return <Body project={project} />
}

/** A step in one line: what came of it, or what it needs. */
function stepLine(step: MakingStep, { places, notions, supplies, steps, finished }: ProjectData): string {
  const isDone = steps.find(({ id }) => id === step)?.state === 'behind'
  if (step === 'cloth') {
    const chosen = places.flatMap((place) => place.chosen?.name || [])
    const open = places.filter((place) => !place.chosen).map(({ title }) => title.toLowerCase())
    return [chosen.join(', '), open.length > 0 ? `still to choose: ${open.join(', ')}` : '']
      .filter(Boolean)
      .join('; ')
  }
  if (step === 'enough' && !isDone) {
    const known = places.flatMap(({ title, enough, byLay }) =>
      enough && !byLay ? [`${title.toLowerCase()}: ${ENOUGH_WORDS[enough.verdict].toLowerCase()}`] : [],
    )
    return known.join('; ') || STEP_WORDS.enough.asks
  }
  if (step === 'buy') {
    const left = [...notions, ...supplies].filter(({ isBought }) => !isBought).length
    return left > 0 ? `${countNoun(left, 'thing')} to buy` : 'you have everything'
  }
  if (step === 'done' && finished) return `done on ${finished}`
  return isDone ? 'done' : STEP_WORDS[step].asks
}
