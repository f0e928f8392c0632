'use client'

import { useState } from 'react'
import { ofKind } from '@/core/notebook/measurements/kept'
import { isPlausible } from '@/core/typed/readQuantity'
import { weigh } from '@/core/measure/weigh'
import { type Reading } from '@/core/notebook/schemas/weighing'
import { formatWeight, withDoubt } from '@/core/units/format'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { Actions, Columns, Paper, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { ReadingList, type BenchProps } from '../benches/common'
import { completeReading, EMPTY_READING } from '../../../shared/weigh/draft'
import { ReadingFields } from '../../../shared/weigh/ReadingFields'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { unreadTrouble } from '@/ui/kit/unread'
import { ScalePanel } from './ScalePanel'
import { WeightResult } from '../../../shared/weigh/WeightResult'

export function WeighBench({ piece, readings }: BenchProps) {
  const [draft, setDraft] = useState(EMPTY_READING)
  const [isAsked, setAsked] = useState(false)
  const { units } = usePreferences()
  const reading = completeReading(draft)
  const kept = ofKind(readings.now, 'weighing')
  const weighings = kept.map(({ data }) => data)
  const isUnusual = reading !== undefined && !isPlausible(gsmOf(reading), { kind: 'areal-weight' })
  const keep = () => {
    if (!reading || unreadTrouble()) return
    setAsked(false)
    readings.add({ kind: 'weighing', ...reading }, () =>
      setDraft((before) => ({ ...before, grams: null, lengthMm: null, widthMm: null, notionsGrams: null })),
    )
  }
  return (
    <Columns $first="1.4fr">
      <Paper aria-labelledby="reading">
        <h2 id="reading">New weighing</h2>
        <ScalePanel onTake={(grams, resolutionGrams) => setDraft({ ...draft, grams, resolutionGrams })} />
        <ReadingFields draft={draft} onChange={setDraft} known={piece ?? undefined} inFull />
        <Actions>
          <StrongButton isDisabled={!reading || readings.saving} onPress={isUnusual ? () => setAsked(true) : keep}>
            Save reading
          </StrongButton>
        </Actions>
        {isAsked && isUnusual && reading ? (
          <Callout $tone="warn" role="alert">
            <p>
              {formatWeight({ value: gsmOf(reading), sd: 0 }, units)} is unlike any fabric. Please check weight and
              size.
            </p>
            <Button onPress={keep}>It is right, save it</Button>
          </Callout>
        ) : null}
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
            <Soft>From threads and yarns: {withDoubt(piece.gsmFromThreads)} g/m².</Soft>
          ) : null}
          <ReadingList kept={kept} onDrop={readings.drop} />
        </Paper>
      </Stack>
    </Columns>
  )
}

const gsmOf = (reading: Reading) => weigh([reading]).gsm
