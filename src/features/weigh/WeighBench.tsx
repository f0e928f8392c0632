'use client'

import { useState, useTransition } from 'react'
import { type Reading } from '@/core/notebook/records'
import { withDoubt } from '@/core/units/format'
import { StrongButton } from '@/ui/controls/buttons'
import { Actions, Columns, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { ReadingList, Stack, type BenchProps } from '../measure/benches/common'
import { usePreferences } from '../settings/PreferencesContext'
import { dropReading, weighPiece } from '../stash/actions'
import { completeReading, EMPTY_READING } from './draft'
import { ReadingFields } from './ReadingFields'
import { ScalePanel } from './ScalePanel'
import { WeightResult } from './WeightResult'
import { readingWords } from './words'

export function WeighBench({ piece, readings: { state } }: BenchProps) {
  const { units } = usePreferences()
  const [draft, setDraft] = useState(EMPTY_READING)
  const [loose, setLoose] = useState<(Reading & { id: number })[]>([])
  const [errors, setErrors] = useState<Record<string, string>>({})
  const [saving, start] = useTransition()
  const reading = completeReading(draft)
  const kept = piece ? piece.readings.filter((one) => one.state === state) : loose
  const cleared = () => {
    setDraft({ ...draft, grams: null, lengthMm: null, widthMm: null, notionsGrams: null })
    setErrors({})
  }
  const keep = () => {
    if (!reading) return
    if (!piece) {
      setLoose([...loose, { ...reading, id: loose.length + 1 }])
      cleared()
      return
    }
    start(async () => {
      const outcome = await weighPiece(piece.id, { reading, state })
      if (outcome.ok) cleared()
      else setErrors(outcome.errors)
    })
  }
  const drop = (id: number) =>
    piece ? start(() => dropReading(piece.id, id)) : setLoose(loose.filter((one) => one.id !== id))
  const [firstError] = Object.values(errors)
  return (
    <Columns $first="1.4fr">
      <Paper aria-labelledby="reading">
        <h2 id="reading">One weighing</h2>
        <ScalePanel onTake={(grams, resolutionGrams) => setDraft({ ...draft, grams, resolutionGrams })} />
        <ReadingFields draft={draft} onChange={setDraft} errors={errors} inFull />
        {firstError ? (
          <Slip $tone="warn" role="alert">
            Not kept. {firstError}
          </Slip>
        ) : null}
        <Actions>
          <StrongButton isDisabled={!reading || saving} onPress={keep}>
            Keep this reading
          </StrongButton>
        </Actions>
      </Paper>
      <Stack>
        <Paper aria-labelledby="weight">
          <h2 id="weight">Weight</h2>
          <WeightResult
            readings={reading ? [...kept, reading] : kept}
            widthMm={piece?.widthMm}
            regainPercent={piece?.regainPercent}
          />
          {piece?.gsmFromThreads ? (
            <Soft>From its threads and yarns: {withDoubt(piece.gsmFromThreads)} g/m².</Soft>
          ) : null}
          <ReadingList
            items={kept.map((one) => ({ id: one.id, text: readingWords(one, units, piece?.regainPercent) }))}
            onDrop={drop}
          />
        </Paper>
      </Stack>
    </Columns>
  )
}
