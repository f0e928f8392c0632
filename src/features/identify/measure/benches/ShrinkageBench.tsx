'use client'

import { useState } from 'react'
import { extraToBuy, washWords } from '@/core/measure/shrinkage'
import { readingsOfKind } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import { shrinkageOf } from '@/core/notebook/measurements/shrinkage'
import { formatWidth, withDoubt } from '@/core/units/format'
import { StrongButton } from '@/ui/kit/buttons'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Columns, Fields, Lead, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { LengthField } from '../../../shared/settings/LengthField'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { ShrinkageChart } from '../ShrinkageChart'
import { changeWords } from '../words'
import { ReadingList, type BenchProps } from './common'

const SQUARE_MM = 250
const MOST_WASHES = 5
/** Of the two marks of a side together, mm. */
const ERROR_MM = 0.7

export function ShrinkageBench({ readings }: BenchProps) {
  return (
    <Columns $first="1.35fr">
      <Square readings={readings} />
      <Loses readings={readings} />
    </Columns>
  )
}

function Square({ readings }: Pick<BenchProps, 'readings'>) {
  const { units } = usePreferences()
  const kept = ofKind(readings.all, 'wash-square').toSorted((a, b) => a.data.washes - b.data.washes)
  const [chosen, setChosen] = useState<number | null>(null)
  const washes = chosen ?? Math.max(-1, ...kept.map(({ data }) => data.washes)) + 1
  const [draft, setDraft] = useState<{ length: number | null; width: number | null }>({ length: null, width: null })
  const { length, width } = draft
  const keep = () => {
    if (!length || !width) return
    const square = { kind: 'wash-square' as const, washes, lengthMm: length, widthMm: width, errorMm: ERROR_MM }
    readings.add(square, () => {
      setDraft({ length: null, width: null })
      setChosen(null)
    })
  }
  const field = (side: 'length' | 'width', label: string) => (
    <LengthField label={label} of="fine" mm={draft[side]} onMm={(mm) => setDraft({ ...draft, [side]: mm })} />
  )
  return (
    <Paper aria-labelledby="square">
      <h2 id="square">Marked square, {washWords(washes)}</h2>
      <Soft>
        {washes === 0
          ? `Mark ${formatWidth(SQUARE_MM, units)} each way, well inside the edges, then measure your ` +
            'marks: they are rarely exact.'
          : 'Press it flat without pulling, let it rest, and measure between the same marks.'}
      </Soft>
      <SelectField
        label="Square now"
        value={String(washes)}
        onChange={(value) => setChosen(Number(value))}
        options={Array.from({ length: MOST_WASHES + 1 }, (_, count) => [String(count), washWords(count)] as const)}
      />
      <Fields>
        {field('length', 'Lengthwise')}
        {field('width', 'Across the width')}
      </Fields>
      <Actions>
        <StrongButton isDisabled={!length || !width || readings.saving} onPress={keep}>
          Save as {washWords(washes)}
        </StrongButton>
      </Actions>
      <ReadingList kept={kept} onDrop={readings.drop} />
    </Paper>
  )
}

function Loses({ readings }: Pick<BenchProps, 'readings'>) {
  const { units } = usePreferences()
  const [needed, setNeeded] = useState<number | null>(2000)
  const curves = shrinkageOf(readingsOfKind(readings.all, 'shrinkage'))
  if (!curves) {
    return (
      <Paper aria-labelledby="loses">
        <h2 id="loses">Shrinkage</h2>
        <Soft>Measure the square before and after the first wash to see the curve.</Soft>
      </Paper>
    )
  }
  const { length, width } = curves
  return (
    <Paper aria-labelledby="loses">
      <h2 id="loses">Shrinkage</h2>
      <Lead>
        In the end it is {changeWords(length.limit, ['shorter', 'longer'])} and{' '}
        {changeWords(width.limit, ['narrower', 'wider'])}.
      </Lead>
      <ShrinkageChart curves={curves} />
      {length.goesOn || width.goesOn ? (
        <Callout>It is still shrinking: wash it once more before you cut.</Callout>
      ) : (
        <Callout $tone="good">It has stopped shrinking, as far as marks can show.</Callout>
      )}
      <LengthField label="Length the garment needs" of="long" mm={needed} onMm={setNeeded} />
      {needed ? (
        <p role="status">
          Buy <b>{formatWidth(Math.ceil(extraToBuy(needed, length.limit) / 10) * 10, units)} more</b> than that if it
          is not washed yet, and allow for {withDoubt({ value: 100 + width.limit.value, sd: width.limit.sd })} % less
          width.
        </p>
      ) : null}
      <Soft>
        This covers the worst likely case. Without a measurement, many people add a quarter of a yard (23 cm) per
        garment.
      </Soft>
    </Paper>
  )
}
