'use client'

import styled from 'styled-components'
import { featureById } from '@/core/identify/features'
import { type DrawnYarn } from '@/ui/burn'
import { QuietButton } from '@/ui/kit/buttons'
import { Actions, Soft } from '@/ui/kit/surfaces'
import { Question } from '../../../shared/question/Question'

const Below = styled.div`
  display: grid;
  gap: 0.75rem;
  border-top: 3px solid var(--weld);
  padding-top: 1rem;
`

interface Props {
  feature: string
  specimen: number
  yarn?: DrawnYarn
  onAnswer: (states: string[]) => void
  onLeave: () => void
}

/** One answer of the log, asked again. */
export function Correcting({ feature, specimen, yarn, onAnswer, onLeave }: Props) {
  return (
    <Below>
      <Soft>Sample {specimen}, new answer:</Soft>
      <Question feature={featureById(feature)} yarn={yarn} canUndo onUndo={onLeave} onAnswer={onAnswer} />
      <Actions>
        <QuietButton onPress={onLeave}>Cancel</QuietButton>
      </Actions>
    </Below>
  )
}
