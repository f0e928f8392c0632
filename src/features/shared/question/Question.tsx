'use client'

import { useEffect, useState, type ReactNode } from 'react'
import { Button as AriaButton, ToggleButton } from 'react-aria-components'
import styled, { css } from 'styled-components'
import { type Guide } from '@/core/identify/features'
import { AnswerDrawing, type DrawnYarn } from '@/ui/burn'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { pressableStyle } from '@/ui/kit/pressable'
import { Actions, Soft, Stack } from '@/ui/kit/surfaces'
import { isTyping } from '../isTyping'
import { Guidance } from './Guidance'
import { keyFor, keyOf } from './keys'
import { type Phrase } from '@/core/text/text'
import { Say } from '@/ui/text/Say'

const choice = css`
  position: relative;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  gap: 0.1rem;
  min-height: 56px;
  padding: 0.5rem 0.7rem 0.6rem;
  text-align: left;
  background: var(--paper);
  color: var(--ink);
  border: 2px solid var(--ink-soft);
  border-radius: 4px;
  b {
    font-size: 1.05rem;
    line-height: 1.2;
  }
  small {
    color: var(--ink-soft);
    line-height: 1.25;
  }
  svg {
    display: block;
    width: 100%;
    height: 6.4rem;
    margin: 0 0 auto;
  }
  kbd {
    position: absolute;
    right: 0.5rem;
    top: 0.4rem;
    font: inherit;
    font-size: 0.85rem;
    font-weight: 700;
    border: 1.5px solid var(--line);
    border-radius: 3px;
    min-width: 1.5rem;
    text-align: center;
    background: var(--paper);
  }
  kbd + b {
    padding-right: 1.9rem;
  }
  ${pressableStyle}
  &[data-selected] {
    border-color: var(--indigo);
    box-shadow: inset 0 0 0 3px var(--indigo);
    background: color-mix(in srgb, var(--indigo) 12%, var(--paper));
  }
  @media (max-width: 40rem) {
    svg {
      height: 4.6rem;
    }
    small {
      font-size: 0.8rem;
    }
    padding: 0.4rem 0.5rem;
  }
`
const One = styled(AriaButton)`
  ${choice}
`
const Many = styled(ToggleButton)`
  ${choice}
`

const Grid = styled.div<{ $few: boolean }>`
  display: grid;
  gap: 0.7rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, ${({ $few }) => ($few ? '12.5rem' : '9.5rem')}), 1fr));
  @media (max-width: 40rem) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.5rem;
  }
`

/** What is asked: by the bench, by the inspection, by anything that has answers to choose from. */
interface Answer {
  label: string
  help: Phrase
}

export interface QuestionAsked {
  id: string
  question: string
  hint: string
  multi: boolean
  guide?: Guide
  states: readonly (Answer & { id: string })[]
}

interface Props {
  feature: QuestionAsked
  /** The picture of one answer; undefined where it is better said. */
  picture?: (state: string) => ReactNode
  yarn?: DrawnYarn
  canUndo: boolean
  /** Whether “did not see it” is an answer; it is, unless said otherwise. */
  blank?: boolean
  /** Stands below the answers: a stopwatch, say. */
  children?: ReactNode
  onAnswer: (states: string[]) => void
  onUndo: () => void
}

/** One question, its answers drawn, each on a key of its own. */
export function Question({
  feature,
  picture = (state) => <AnswerDrawing feature={feature.id} state={state} yarn={yarn} />,
  yarn,
  canUndo,
  blank = true,
  children,
  onAnswer,
  onUndo,
}: Props) {
  const [chosen, setChosen] = useState<string[]>([])
  const toggle = (state: string) =>
    setChosen((before) => (before.includes(state) ? before.filter((other) => other !== state) : [...before, state]))

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
      const state = feature.states.find((_, index) => keyFor(index) === event.key)
      const action = keyOf(event)
      if (state) {
        if (feature.multi) toggle(state.id)
        else onAnswer([state.id])
      } else if (action === 'blank' && blank) onAnswer([])
      else if (action === 'undo' && canUndo) onUndo()
      else if (action === 'next' && feature.multi && chosen.length > 0 && !isElsewhere(event.target)) onAnswer(chosen)
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey, { capture: true })
    return () => window.removeEventListener('keydown', onKey, { capture: true })
  }, [feature, chosen, canUndo, blank, onAnswer, onUndo])

  return (
    <Stack aria-labelledby="question" $gap="0.9rem" as="section">
      <div>
        <h2 id="question" aria-live="polite">
          <Say>{feature.question}</Say>
        </h2>
        <Soft>
          <Say>{feature.hint}</Say>
        </Soft>
      </div>
      {feature.guide ? <Guidance feature={feature.id} guide={feature.guide} yarn={yarn} /> : null}
      <Grid $few={feature.states.length <= 3} role="group" aria-labelledby="question">
        {feature.states.map(({ id, label, help }, index) => {
          const inside = <Inside answer={{ label, help }} keyed={keyFor(index)} picture={picture(id)} />
          return feature.multi ? (
            <Many key={id} isSelected={chosen.includes(id)} onChange={() => toggle(id)}>
              {inside}
            </Many>
          ) : (
            <One key={id} onPress={() => onAnswer([id])}>
              {inside}
            </One>
          )
        })}
      </Grid>
      {children}
      <Actions>
        {feature.multi ? (
          <StrongButton isDisabled={chosen.length === 0} onPress={() => onAnswer(chosen)}>
            Done (Enter)
          </StrongButton>
        ) : null}
        {blank ? <Button onPress={() => onAnswer([])}>Not sure (N)</Button> : null}
        <Button isDisabled={!canUndo} onPress={onUndo}>
          Undo (U)
        </Button>
      </Actions>
    </Stack>
  )
}

/** Whether a key would press something else than an answer: then it does just that. */
function isElsewhere(target: EventTarget | null): boolean {
  const pressed = target instanceof HTMLElement ? target.closest('button, a[href], summary') : null
  return pressed !== null && pressed.closest('[role=group][aria-labelledby=question]') === null
}

/** What a button of an answer shows: its key, its picture, its words. */
function Inside({ answer: { label, help }, keyed, picture }: { answer: Answer; keyed: string; picture: ReactNode }) {
  return (
    <>
      <kbd aria-hidden>{keyed}</kbd>
      {picture}
      <b>
        <Say>{label}</Say>
      </b>
      <small>
        <Say>{help}</Say>
      </small>
    </>
  )
}
