'use client'

import styled from 'styled-components'
import { AIRS } from '@/core/measure/moisture'
import { type Reading } from '@/core/notebook/schemas/weighing'
import { ChoiceField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { fieldUnits, fromField, toField } from '../settings/measures'
import { usePreferences } from '../settings/PreferencesContext'
import { type DraftReading, LAID, laidAs, laidOf } from './draft'

const Grid = styled.div`
  display: grid;
  gap: 0.9rem;
  align-items: end;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 12.5rem), 1fr));
`

interface Props {
  draft: DraftReading
  onChange: (draft: DraftReading) => void
  /** What is wrong with a field, by its path. */
  error?: (path: string) => string | undefined
  /** Whether folds, garments and the air are asked about too. */
  inFull?: boolean
  /** What is known of the piece already: it is filled in, not typed again. */
  known?: { widthMm: number | null; lengthMm: number | null }
}

export function ReadingFields({ draft, onChange, error = () => undefined, inFull = false, known }: Props) {
  const { units } = usePreferences()
  const { short, mass, fine } = fieldUnits(units)
  const laid = laidOf(draft.laid)
  const field = (key: keyof Reading, label: string, unit: typeof short, hint?: string) => (
    <NumberField
      label={label}
      unit={unit.symbol}
      hint={hint}
      minValue={0}
      error={error(`reading.${key}`)}
      value={toField(draft[key], unit)}
      onChange={(value) => onChange({ ...draft, [key]: fromField(value, unit) })}
    />
  )
  return (
    <>
      {inFull ? (
        <ChoiceField
          label="What you weigh"
          hint={laid.hint}
          value={draft.laid}
          onChange={(id) => onChange(laidAs(draft, id, known))}
          options={LAID.map(({ id, name }) => [id, name] as const)}
        />
      ) : null}
      <Grid>
        {field('grams', 'Weight on the scale', mass)}
        {field('lengthMm', inFull ? laid.length : 'Sample length', short)}
        {field('widthMm', inFull ? laid.width : 'Sample width', short)}
        {inFull && laid.layers ? (
          <NumberField
            label="Layers"
            minValue={1}
            value={draft.layers ?? NaN}
            onChange={(value) => onChange({ ...draft, layers: Number.isFinite(value) ? Math.round(value) : null })}
          />
        ) : null}
        {inFull && laid.notions
          ? field('notionsGrams', 'Buttons, zip, tape', mass, 'Weighed separately, or guessed')
          : null}
        {inFull && laid.notions ? field('notionsErrorGrams', 'Scale error, ±', mass) : null}
        {field('resolutionGrams', 'Smallest step of the scale', mass)}
        {field('cutErrorMm', 'Error of each side, ±', fine)}
      </Grid>
      {inFull ? (
        <SelectField
          label="Air humidity"
          value={String(draft.humidityPercent ?? '')}
          onChange={(value) => onChange({ ...draft, humidityPercent: value ? Number(value) : null })}
          options={[
            ['', 'not noted'],
            ...AIRS.map(
              ({ name, humidityPercent }) =>
                [String(humidityPercent), `${name} (about ${humidityPercent} %)`] as const,
            ),
          ]}
        />
      ) : null}
    </>
  )
}
