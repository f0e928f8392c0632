'use client'

import styled from 'styled-components'
import { capitalised } from '@/core/identify/words'
import { type Reading } from '@/core/notebook/records'
import { disagreement, weigh } from '@/core/measure/weigh'
import { weightClassWords } from '@/core/measure/weightClass'
import { formatWeight, toMomme, withDoubt } from '@/core/units/format'
import { GSM_PER_MOMME } from '@/core/units/constants'
import { scaled } from '@/core/units/quantity'
import { NumberField } from '@/ui/controls/fields'
import { Slip, Soft } from '@/ui/controls/surfaces'
import { fieldUnits, fromField, toField } from '../settings/measures'
import { usePreferences } from '../settings/PreferencesContext'

const Grid = styled.div`
  display: grid;
  gap: 0.9rem;
  align-items: end;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 12.5rem), 1fr));
`
const Big = styled.p`
  font-family: 'Young Serif', Georgia, serif;
  font-size: 1.9rem;
  line-height: 1.2;
`

/** A reading being filled in: numbers in mm and g, null where still empty. */
export type DraftReading = { [Key in keyof Reading]: number | null }

export const EMPTY_READING: DraftReading = { grams: null, resolutionGrams: 1, lengthMm: null, widthMm: null, cutErrorMm: 2 }

/** The reading, where everything is filled in and makes sense. */
export function completeReading({ grams, resolutionGrams, lengthMm, widthMm, cutErrorMm }: DraftReading): Reading | undefined {
  if (grams === null || resolutionGrams === null || lengthMm === null || widthMm === null || cutErrorMm === null) return undefined
  if (!(grams > 0 && resolutionGrams > 0 && lengthMm > 0 && widthMm > 0 && cutErrorMm >= 0)) return undefined
  return { grams, resolutionGrams, lengthMm, widthMm, cutErrorMm }
}

export function ReadingFields({ draft, onChange, errors = {} }: { draft: DraftReading; onChange: (draft: DraftReading) => void; errors?: Record<string, string> }) {
  const { units } = usePreferences()
  const { short, mass } = fieldUnits(units)
  const fine = units === 'metric' ? { symbol: 'mm', inCore: 1 } : short
  const field = (key: keyof Reading, label: string, unit: typeof short, hint?: string) => (
    <NumberField label={label} unit={unit.symbol} hint={hint} minValue={0} error={errors[`reading.${key}`]} value={toField(draft[key], unit)} onChange={(value) => onChange({ ...draft, [key]: fromField(value, unit) })} />
  )
  return (
    <Grid>
      {field('grams', 'Weight on the scale', mass)}
      {field('lengthMm', 'Specimen length', short)}
      {field('widthMm', 'Specimen width', short)}
      {field('resolutionGrams', 'Smallest step of the scale', mass)}
      {field('cutErrorMm', 'How true each side is, ±', fine)}
    </Grid>
  )
}

/** What the readings make: weight with its doubt in every unit, what it is like, how to do better. */
export function WeightResult({ readings }: { readings: readonly Reading[] }) {
  const { units } = usePreferences()
  if (readings.length === 0) return <Soft>Weigh a piece of known size and the weight appears here, with its doubt.</Soft>
  const answer = weigh(readings)
  const gsm = { value: answer.gsm, sd: answer.standardUncertainty }
  const { name, like } = weightClassWords[answer.weightClass]
  return (
    <div role="status" style={{ display: 'grid', gap: '0.4rem' }}>
      <Big>{formatWeight(gsm, units)}</Big>
      <p>
        {formatWeight(gsm, units === 'metric' ? 'imperial' : 'metric')}
        {toMomme(answer.gsm) < 40 ? `, ${withDoubt(scaled(gsm, 1 / GSM_PER_MOMME))} momme` : ''}. {capitalised(name)}, {like}.
      </p>
      <Soft>With 95 % confidence, from {readings.length === 1 ? 'one reading' : `${readings.length} readings pooled`}.</Soft>
      {answer.advice ? <Slip>{answer.advice}</Slip> : null}
      {disagreement(readings) > 3 ? <Slip $tone="warn">These readings disagree by more than scale and scissors explain: was one piece damp, or a length misread?</Slip> : null}
    </div>
  )
}
