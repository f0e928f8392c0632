'use client'

import { useState } from 'react'
import { ofKind } from '@/core/notebook/measurements/kept'
import { withDoubt } from '@/core/units/format'
import { StrongButton } from '@/ui/kit/buttons'
import { Actions, Columns, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { ReadingList, type BenchProps } from '../measure/benches/common'
import { completeReading, EMPTY_READING } from '../../shared/weigh/draft'
import { ReadingFields } from '../../shared/weigh/ReadingFields'
import { ScalePanel } from './ScalePanel'
import { WeightResult } from '../../shared/weigh/WeightResult'

export function WeighBench({ piece, readings }: BenchProps) {
  const [draft, setDraft] = useState(EMPTY_READING)
  const reading = completeReading(draft)
  const kept = ofKind(readings.now, 'weighing')
  const weighings = kept.map(({ data }) => data)
  const keep = () => {
    if (!reading) return
    readings.add({ kind: 'weighing', ...reading }, () =>
      setDraft((before) => ({ ...before, grams: null, lengthMm: null, widthMm: null, notionsGrams: null })),
    )
  }
  return (
    <Columns $first="1.4fr">
      <Paper aria-labelledby="reading">
        <h2 id="reading">One weighing</h2>
        <ScalePanel onTake={(grams, resolutionGrams) => setDraft({ ...draft, grams, resolutionGrams })} />
        <ReadingFields draft={draft} onChange={setDraft} inFull />
        <Actions>
          <StrongButton isDisabled={!reading || readings.saving} onPress={keep}>
            Keep this reading
          </StrongButton>
        </Actions>
      </Paper>
      <Stack>
        <Paper aria-labelledby="weight">
          <h2 id="weight">Weight</h2>
          <WeightResult
            readings={reading ? [...weighings, reading] : weighings}
            widthMm={piece?.widthMm}
            regainPercent={piece?.regainPercent}
          />
          {piece?.gsmFromThreads ? (
            <Soft>From its threads and yarns: {withDoubt(piece.gsmFromThreads)} g/m².</Soft>
          ) : null}
          <ReadingList kept={kept} onDrop={readings.drop} />
        </Paper>
      </Stack>
    </Columns>
  )
}
