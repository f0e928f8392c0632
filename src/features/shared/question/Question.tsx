'use client'

import { useCallback, useEffect, useState, type ReactNode } from 'react'
import { type Guide } from '@/core/identify/features'
import { AnswerDrawing, type DrawnYarn } from '@/ui/burn'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Soft } from '@/ui/kit/surfaces'
import { isTyping } from '../isTyping'
import { Guidance } from './Guidance'
import { keyFor, keyOf } from './keys'
import { Filling, AnswerGrid, KeyHint, ToggleAnswer, OneAnswer } from './questionStyles'
import { type Phrase } from '@/core/text/text'
import { Say } from '@/ui/text/Say'

/** From so many answers on a small screen has no room for the help beside each. */
const MANY = 7
/** So few have room for larger drawings. */
const FEW = 4

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
  /** Whether it has a small screen to itself. */
  fills?: boolean
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
  fills = false,
  children,
  onAnswer,
  onUndo,
}: Props) {
  const [chosen, setChosen] = useState<string[]>([])
  const toggle = useCallback(
    (state: string) =>
      setChosen((before) =>
        before.includes(state) ? before.filter((other) => other !== state) : [...before, state],
      ),
    [],
  )

  useAnswerKeys({ feature, chosen, toggle, canUndo, blank, onAnswer, onUndo })

  return (
    <Filling aria-labelledby="question" $gap="0.9rem" $fills={fills} as="section">
      <div className="asked">
        <h2 id="question" aria-live="polite">
          <Say>{feature.question}</Say>
        </h2>
        <Soft>
          <Say>{feature.hint}</Say>
        </Soft>
      </div>
      <div className="in-between">
        {feature.guide ? <Guidance feature={feature.id} guide={feature.guide} yarn={yarn} /> : null}
        <AnswerGrid
          $few={feature.states.length <= 3}
          data-few={feature.states.length <= FEW}
          data-many={feature.states.length > MANY}
          role="group"
          aria-labelledby="question"
        >
          {feature.states.map(({ id, label, help }, index) => {
            const inside = <Inside answer={{ label, help }} keyed={keyFor(index)} picture={picture(id)} />
            return feature.multi ? (
              <ToggleAnswer key={id} isSelected={chosen.includes(id)} onChange={() => toggle(id)}>
                {inside}
              </ToggleAnswer>
            ) : (
              <OneAnswer key={id} onPress={() => onAnswer([id])}>
                {inside}
              </OneAnswer>
            )
          })}
        </AnswerGrid>
        {children}
      </div>
      {feature.multi ? (
        <p role="status" className="visually-hidden">
          <Say>{chosenWords(feature, chosen)}</Say>
        </p>
      ) : null}
      <Actions className="end">
        {feature.multi ? (
          <StrongButton isDisabled={chosen.length === 0} onPress={() => onAnswer(chosen)}>
            Done<KeyHint> (Enter)</KeyHint>
          </StrongButton>
        ) : null}
        {blank ? (
          <Button onPress={() => onAnswer([])}>
            Not sure<KeyHint> (N)</KeyHint>
          </Button>
        ) : null}
        <Button isDisabled={!canUndo} onPress={onUndo}>
          Undo<KeyHint> (U)</KeyHint>
        </Button>
      </Actions>
    </Filling>
  )
}

/** What is chosen so far, for whoever presses keys and does not see the answers. */
function chosenWords({ states }: Props['feature'], chosen: readonly string[]): string {
  const labels = states.filter(({ id }) => chosen.includes(id)).map(({ label }) => label)
  return labels.length > 0 ? `Chosen: ${labels.join(', ')}` : ''
}

type Keyed = Required<Pick<Props, 'feature' | 'canUndo' | 'blank' | 'onAnswer' | 'onUndo'>> & {
  chosen: string[]
  toggle: (state: string) => void
}

/** Every answer has a key, and so have not sure, undo and done. */
function useAnswerKeys({ feature, chosen, toggle, canUndo, blank, onAnswer, onUndo }: Keyed) {
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
  }, [feature, chosen, toggle, canUndo, blank, onAnswer, onUndo])
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
      <span>
        <b>
          <Say>{label}</Say>
        </b>
        <small>
          <Say>{help}</Say>
        </small>
      </span>
    </>
  )
}
