'use client'

import { creaseWords } from '@/core/measure/grades'
import { measuredOf } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import { CreaseDrawing } from '@/ui/measuring/grades'
import { type QuestionAsked } from '../../../shared/question/Question'
import { Mean, type BenchProps } from './common'
import { Graded, grades } from './Graded'

const QUESTION: QuestionAsked = {
  id: 'crease',
  question: 'After a minute, which drawing does it look like?',
  hint: 'Don’t fold or smooth it: lay it down and look.',
  multi: false,
  states: grades(['Like crumpled paper', 'Badly creased', 'Creased', 'Hardly creased', 'Not creased']),
}

export function CreaseBench({ readings, yarn }: BenchProps) {
  const { crease } = measuredOf(readings.now)
  return (
    <Graded
      question={QUESTION}
      picture={(state) => <CreaseDrawing grade={Number(state)} yarn={yarn} />}
      kept={ofKind(readings.now, 'crease')}
      readings={readings}
      onGrade={(state) => readings.add({ kind: 'crease', grade: Number(state) })}
      comesTo={
        <Mean title="Grade, of 5" repeats={crease} unit="">
          {crease ? <p>{creaseWords(crease.mean)}</p> : null}
        </Mean>
      }
    />
  )
}
