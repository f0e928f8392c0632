'use client'

import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type ClaimItem } from '@/core/identify/types'
import { QuietButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Callout } from '@/ui/kit/surfaces'
import { usePreferences } from '../settings/PreferencesContext'
import { claimTotal } from '../../../core/identify/claimTotal'
import styled from 'styled-components'
import { mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Row = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 8rem;
  gap: 0.75rem;
`

/** Fibres with percentages, as a label gives them. */
export function ClaimRows({
  claim,
  onChange,
}: {
  claim: readonly ClaimItem[]
  onChange: (claim: ClaimItem[]) => void
}) {
  const { words } = usePreferences()
  const change = (index: number, item: Partial<ClaimItem>) =>
    onChange(claim.map((before, at) => (at === index ? { ...before, ...item } : before)))
  const { total, tooMuch } = claimTotal(claim)
  const unused = FIBRE_IDS.find((id) => !claim.some(({ fibre }) => fibre === id))
  const options = FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const)
  return (
    <>
      {claim.map(({ fibre, percent }, index) => (
        <Row key={index}>
          <SelectField
            label="Fibre"
            value={fibre}
            onChange={(chosen) => change(index, { fibre: chosen })}
            options={options}
          />
          <NumberField
            label="Share"
            unit="%"
            value={percent}
            minValue={1}
            maxValue={100}
            onChange={(value) => change(index, { percent: Number.isFinite(value) ? value : 0 })}
          />
        </Row>
      ))}
      <Actions>
        <QuietButton
          isDisabled={!unused}
          onPress={() => onChange([...claim, { fibre: mustHave(unused), percent: Math.max(1, 100 - total) }])}
        >
          <Say>{claim.length === 0 ? 'Enter what the label says' : 'Add a fibre'}</Say>
        </QuietButton>
        {claim.length > 0 ? (
          <QuietButton onPress={() => onChange(claim.slice(0, -1))}>
            <Say>Remove last fibre</Say>
          </QuietButton>
        ) : null}
      </Actions>
      {tooMuch ? <Callout $tone="warn">These add up to {total} %, more than the whole fabric.</Callout> : null}
    </>
  )
}
