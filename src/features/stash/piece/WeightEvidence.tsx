'use client'

import { useState } from 'react'
import { Button } from '@/ui/kit/buttons'
import { Actions, Callout, Stack } from '@/ui/kit/surfaces'
import { useReadings } from '../../shared/readings/useReadings'
import { completeReading, EMPTY_READING } from '../../shared/weigh/draft'
import { ReadingFields } from '../../shared/weigh/ReadingFields'
import { WeightResult } from '../../shared/weigh/WeightResult'
import { type PieceData } from './types'

/** What the weighings come to, and one more of them. */
export function WeightEvidence({ piece, weighings }: PieceData) {
  const [draft, setDraft] = useState(EMPTY_READING)
  const readings = useReadings(piece, [])
  const reading = completeReading(draft)
  const { resolutionGrams, cutErrorMm } = draft
  const keep = () => {
    if (!reading) return
    readings.add({ kind: 'weighing', ...reading }, () => setDraft({ ...EMPTY_READING, resolutionGrams, cutErrorMm }))
  }
  return (
    <Stack as="section" aria-label="Weight">
      <WeightResult readings={reading ? [...weighings, reading] : weighings} widthMm={piece.widthMm} />
      <ReadingFields draft={draft} onChange={setDraft} />
      {readings.trouble ? (
        <Callout $tone="warn" role="alert">
          Not saved. {readings.trouble}
        </Callout>
      ) : null}
      <Actions>
        <Button isDisabled={!reading || readings.saving} onPress={keep}>
          Save reading
        </Button>
      </Actions>
    </Stack>
  )
}
