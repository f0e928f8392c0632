'use client'

import { useCallback, type ReactNode } from 'react'
import { type KeptMeasurement } from '@/core/notebook/measurements'
import { Question, type QuestionAsked } from '../../../shared/question/Question'
import { type Readings } from '../../../shared/readings/useReadings'
import { BenchColumns } from './common'
import { lastOf } from '@/core/lists/items'

/** Five grades, the first the worst. */
export function grades(labels: readonly string[]): QuestionAsked['states'] {
  return labels.map((label, index) => ({ id: String(index + 1), label, help: `Grade ${index + 1}` }))
}

/** On the left a drawing is chosen; on the right stands what it comes to. */
export function Graded({
  question,
  picture,
  above,
  comesTo,
  kept,
  readings,
  onGrade,
}: {
  question: QuestionAsked
  picture: (state: string) => ReactNode
  above?: ReactNode
  comesTo: ReactNode
  kept: readonly KeptMeasurement[]
  readings: Readings
  onGrade: (state: string) => void
}) {
  const answer = useCallback(
    (states: string[]) => {
      if (states[0]) onGrade(states[0])
    },
    [onGrade],
  )
  return (
    <BenchColumns first="1.5fr" kept={kept} readings={readings} comesTo={comesTo}>
      {above}
      <Question
        feature={question}
        picture={picture}
        canUndo={kept.length > 0}
        blank={false}
        onAnswer={answer}
        onUndo={() => readings.drop(lastOf(kept).id)}
      />
    </BenchColumns>
  )
}
