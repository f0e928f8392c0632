'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { fullNeed } from '@/core/choose/need'
import {
  chosenWord,
  DETAILS,
  GARMENTS,
  SEASONS,
  type Detail,
  type Garment,
  type Season,
} from '@/core/vocabulary/choosing'
import { type Need } from '@/core/notebook/schemas/need'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '@/core/units/constants'
import { StrongButton } from '@/ui/controls/buttons'
import { Chip, Chips } from '@/ui/controls/Chips'
import { ChoiceField, NumberField, TextField } from '@/ui/controls/fields'
import { SelectField } from '@/ui/controls/SelectField'
import { Actions, Page, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { usePreferences } from '../settings/PreferencesContext'
import { keepPattern } from './actions'
import { needWords } from './needWords'

/** A pattern: what it makes, its details, and, where the envelope says so, its weight. The rest follows. */
export function NewPattern() {
  const router = useRouter()
  const { units, words } = usePreferences()
  const [name, setName] = useState('')
  const [garment, setGarment] = useState<Garment>('shirt')
  const [details, setDetails] = useState<Detail[]>([])
  const [season, setSeason] = useState<Season>('mild')
  const [span, setSpan] = useState<{ low: number; high: number }>({ low: NaN, high: NaN })
  const [errors, setErrors] = useState<Record<string, string>>({})
  const [saving, start] = useTransition()

  const inGsm = units === 'metric' ? 1 : GSM_PER_OUNCE_PER_SQUARE_YARD
  const unit = units === 'metric' ? 'g/m²' : 'oz/yd²'
  const base: Need = { garment, details, season }
  const usual = fullNeed(base).gsm
  const low = Number.isFinite(span.low) ? span.low * inGsm : usual[0]
  const high = Number.isFinite(span.high) ? span.high * inGsm : usual[1]
  const need: Need = Number.isFinite(span.low) || Number.isFinite(span.high) ? { ...base, gsm: [low, high] } : base

  const keep = () =>
    start(async () => {
      const outcome = await keepPattern({ name, need })
      if (outcome.ok) router.push(`/patterns/${outcome.id}`)
      else setErrors(outcome.errors)
    })
  return (
    <Page>
      <h1>Write a pattern down</h1>
      <Paper aria-label="The pattern">
        <TextField
          label="Name"
          hint="As you know it."
          value={name}
          onChange={setName}
          error={errors.name}
          isRequired
        />
        <SelectField
          label="What it makes"
          value={garment}
          onChange={(value) => setGarment(value as Garment)}
          options={GARMENTS.map((id) => [id, chosenWord(id, words)])}
        />
        <div>
          <b id="details">Its details</b>
          <Chips role="group" aria-labelledby="details">
            {DETAILS.map((detail) => (
              <Chip
                key={detail}
                isSelected={details.includes(detail)}
                onChange={(on) => setDetails(on ? [...details, detail] : details.filter((other) => other !== detail))}
              >
                {chosenWord(detail, words)}
              </Chip>
            ))}
          </Chips>
        </div>
        <ChoiceField
          label="Worn in"
          value={season}
          onChange={(value) => setSeason(value as Season)}
          options={SEASONS.map((id) => [id, `${id} weather`])}
        />
        <div
          style={{
            display: 'grid',
            gap: '1rem',
            gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 12rem), 1fr))',
          }}
        >
          <NumberField
            label="Cloth from"
            unit={unit}
            minValue={0}
            value={span.low}
            onChange={(value) => setSpan({ ...span, low: value })}
            hint="Leave open where the envelope does not say."
            error={errors['need.gsm']}
          />
          <NumberField
            label="to"
            unit={unit}
            minValue={0}
            value={span.high}
            onChange={(value) => setSpan({ ...span, high: value })}
          />
        </div>
        <Slip role="status">
          <b>It will ask for:</b> {needWords(need, units, words)}.
        </Slip>
        {Object.keys(errors).length > 0 ? (
          <Slip $tone="warn" role="alert">
            Not kept yet. {Object.values(errors)[0]}
          </Slip>
        ) : null}
        <Actions>
          <StrongButton isDisabled={saving} onPress={keep}>
            {saving ? 'Keeping…' : 'Keep the pattern'}
          </StrongButton>
        </Actions>
        <Soft>What you leave open follows from the garment and its details.</Soft>
      </Paper>
    </Page>
  )
}
