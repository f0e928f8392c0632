'use client'

import { useState } from 'react'
import { type FamilyId, type FibreId } from '@/core/vocabulary/fibres'
import { StrongButton } from '@/ui/kit/buttons'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Fields, Stack } from '@/ui/kit/surfaces'

const SURENESS = [
  ['0.5', 'guessing (5 in 10)'],
  ['0.65', 'rather sure (6 or 7 in 10)'],
  ['0.8', 'fairly sure (8 in 10)'],
  ['0.9', 'sure (9 in 10)'],
  ['0.99', 'certain (99 in 100)'],
] as const

export interface SaidSo {
  family: FamilyId
  fibres: FibreId[]
  sure: number
}

interface Props {
  families: readonly (readonly [FamilyId, string])[]
  fibres: readonly (readonly [FibreId, string])[]
  isBusy: boolean
  onSaid: (said: SaidSo) => void
}

/** What somebody takes a specimen for, and how sure they are of its family. */
export function SayWhat({ families, fibres, isBusy, onSaid }: Props) {
  const [family, setFamily] = useState<FamilyId>('plant')
  const [first, setFirst] = useState<FibreId | ''>('')
  const [second, setSecond] = useState<FibreId | ''>('')
  const [sure, setSure] = useState<(typeof SURENESS)[number][0]>('0.65')
  const options = [['', 'none'] as const, ...fibres]
  const say = () => {
    const chosen = [...new Set([first, second])].filter((id): id is FibreId => id !== '')
    onSaid({ family, fibres: chosen, sure: Number(sure) })
  }
  return (
    <Stack>
      <SelectField label="Main fibre family" value={family} onChange={setFamily} options={families} />
      <Fields>
        <SelectField label="Fibre" value={first} onChange={setFirst} options={options} />
        <SelectField label="Second fibre" value={second} onChange={setSecond} options={options} />
      </Fields>
      <SelectField label="How sure are you of the family?" value={sure} onChange={setSure} options={SURENESS} />
      <Actions>
        <StrongButton isDisabled={isBusy} onPress={say}>
          Answer
        </StrongButton>
      </Actions>
    </Stack>
  )
}
