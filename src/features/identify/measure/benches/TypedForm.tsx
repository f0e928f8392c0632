'use client'

import { useState } from 'react'
import { DIRECTION_WORDS, DIRECTIONS } from '@/core/vocabulary/cloth'
import { MeasurementSchema } from '@/core/notebook/measurements'
import { type ReadingField, type ReadingForm } from '@/core/notebook/measurements/define'
import { StrongButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Fields, Paper, Soft, Steps } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { fieldUnits, fromField, toField } from '../../../shared/settings/measures'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { type Readings } from '../../../shared/readings/useReadings'
import { mustHave } from '@/core/lists/items'

type Typed = Record<string, number | string | null>

/** A form of reading typed into the fields that its kind declares. What its schema refuses is told at the field. */
export function TypedForm({
  id,
  form,
  readings,
}: {
  id: string
  form: Pick<ReadingForm, 'entry'>
  readings: Readings
}) {
  const entry = mustHave(form.entry)
  const [typed, setTyped] = useState<Typed>(() => emptied(entry.fields))
  const parsed = MeasurementSchema.safeParse({ kind: id, ...typed })
  const isFilled = entry.fields.every(({ key }) => typed[key] !== null)
  const errors = Object.fromEntries(
    parsed.success || !isFilled ? [] : parsed.error.issues.map(({ path, message }) => [String(path[0]), message]),
  )
  const set = (key: string, value: number | string | null) => setTyped((before) => ({ ...before, [key]: value }))
  return (
    <Paper aria-labelledby={id}>
      <h2 id={id}>{entry.title}</h2>
      <Steps>
        {entry.steps.map((step, i) => (
          <li key={i}>
            <Terms>{step}</Terms>
          </li>
        ))}
      </Steps>
      <Fields>
        {entry.fields.map((field) => (
          <OneField
            key={field.key}
            field={field}
            value={typed[field.key] ?? ''}
            error={errors[field.key]}
            onSet={set}
          />
        ))}
      </Fields>
      <Actions>
        <StrongButton
          isDisabled={!parsed.success || readings.saving}
          onPress={() => parsed.success && readings.add(parsed.data, () => setTyped(kept(entry.fields, typed)))}
        >
          Save reading
        </StrongButton>
      </Actions>
      {entry.source ? <Soft>{entry.source}</Soft> : null}
    </Paper>
  )
}

interface OneFieldProps {
  field: ReadingField
  value: number | string | null
  error: string | undefined
  onSet: (key: string, value: number | string | null) => void
}

function OneField({ field: { key, label, as }, value, error, onSet }: OneFieldProps) {
  const { fine, short, mass } = fieldUnits(usePreferences().units)
  if (as === 'direction') {
    return (
      <ChoiceField
        label={label}
        value={String(value)}
        onChange={(way) => onSet(key, way)}
        options={DIRECTIONS.map((way) => [way, DIRECTION_WORDS[way]] as const)}
      />
    )
  }
  const unit = { 'fine-length': fine, 'short-length': short, mass, number: undefined }[as]
  const number = value as number | null
  return (
    <NumberField
      label={label}
      unit={unit?.symbol}
      minValue={0}
      error={error}
      value={unit ? toField(number, unit) : (number ?? NaN)}
      onChange={(next) => onSet(key, unit ? fromField(next, unit) : Number.isFinite(next) ? next : null)}
    />
  )
}

function emptied(fields: readonly ReadingField[]): Typed {
  return Object.fromEntries(fields.map(({ key, as }) => [key, as === 'direction' ? 'length' : null]))
}

/** What was chosen stays for the next reading, what was typed does not. */
function kept(fields: readonly ReadingField[], typed: Typed): Typed {
  return {
    ...emptied(fields),
    ...Object.fromEntries(Object.entries(typed).filter(([, value]) => typeof value === 'string')),
  }
}
