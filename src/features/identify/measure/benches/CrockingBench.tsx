'use client'

import { useState } from 'react'
import { crockingWords } from '@/core/measure/grades'
import { measuredOf } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import { ChoiceField } from '@/ui/kit/fields'
import { CrockingDrawing } from '@/ui/measuring/grades'
import { type QuestionAsked } from '../../../shared/question/Question'
import { Mean, type BenchProps } from './common'
import { Graded, grades } from './Graded'

const QUESTION: QuestionAsked = {
  id: 'crocking',
  question: 'How much colour is on the white cotton?',
  hint: 'Look at it in daylight, beside a clean part.',
  multi: false,
  states: grades(['Much', 'Clearly', 'Some', 'A trace', 'None']),
}
const WAYS = [
  ['dry', 'dry'],
  ['wet', 'with damp cotton'],
] as const
const TITLES = { dry: 'Dry, of 5', wet: 'Damp, of 5' } as const

export function CrockingBench({ readings, yarn }: BenchProps) {
  const [rubbed, setRubbed] = useState<'dry' | 'wet'>('dry')
  const { crocking } = measuredOf(readings.now)
  return (
    <Graded
      question={QUESTION}
      picture={(state) => <CrockingDrawing grade={Number(state)} rubbed={rubbed} yarn={yarn} />}
      above={
        <ChoiceField
          label="Rubbed"
          value={rubbed}
          onChange={(value) => setRubbed(value as 'dry' | 'wet')}
          options={WAYS}
        />
      }
      kept={ofKind(readings.now, 'crocking')}
      readings={readings}
      onGrade={(state) => readings.add({ kind: 'crocking', rubbed, grade: Number(state) })}
      comesTo={(['dry', 'wet'] as const).map((way) => {
        const found = crocking[way]
        return found ? (
          <Mean key={way} title={TITLES[way]} repeats={found} unit="">
            <p>{crockingWords(found.mean)}</p>
          </Mean>
        ) : null
      })}
    />
  )
}
