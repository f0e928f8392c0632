'use client'

import { useRouter } from 'next/navigation'
import { fullNeed } from '@/core/choose/need'
import { type Need } from '@/core/notebook/schemas/need'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '@/core/units/constants'
import {
  chosenWord,
  DETAILS,
  GARMENTS,
  SEASONS,
  type Detail,
  type Garment,
  type Season,
} from '@/core/vocabulary/choosing'
import { StrongButton } from '@/ui/kit/buttons'
import { Chip, Chips } from '@/ui/kit/Chips'
import { ComboField } from '@/ui/kit/ComboField'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Fields, Page, Paper, Slip, Soft } from '@/ui/kit/surfaces'
import { FormTrouble } from '../../shared/form/FormTrouble'
import { useForm, type Form } from '../../shared/form/useForm'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { keepPattern } from './actions'
import { needWords } from './needWords'

interface Draft {
  name: string
  garment: Garment
  details: Detail[]
  season: Season
  /** What the envelope says of the weight, in the person's own unit; null where it does not. */
  from: number | null
  to: number | null
}

const BLANK: Draft = { name: '', garment: 'shirt', details: [], season: 'mild', from: null, to: null }

/** A pattern: what it makes, its details, and, where the envelope says so, its weight. The rest follows. */
export function NewPattern() {
  const router = useRouter()
  const { units, words } = usePreferences()
  const perUnit = units === 'metric' ? 1 : GSM_PER_OUNCE_PER_SQUARE_YARD
  const form = useForm({
    initial: BLANK,
    save: (draft) => keepPattern({ name: draft.name, need: needOf(draft, perUnit) }),
    onKept: ({ id }) => router.push(`/patterns/${id}`),
    keepAs: 'new-pattern',
  })
  return (
    <Page>
      <h1>Write a pattern down</h1>
      <Paper aria-label="The pattern">
        <PatternFields form={form} unit={units === 'metric' ? 'g/m²' : 'oz/yd²'} />
        <Slip role="status">
          <b>It will ask for:</b> {needWords(needOf(form.value, perUnit), units, words)}.
        </Slip>
        <FormTrouble form={form} fields={[]} />
        <Actions>
          <StrongButton isDisabled={form.saving} onPress={form.submit}>
            {form.saving ? 'Keeping…' : 'Keep the pattern'}
          </StrongButton>
        </Actions>
        <Soft>What you leave open follows from the garment and its details.</Soft>
      </Paper>
    </Page>
  )
}

/** What is asked, with the open end of a weight filled in as usual. */
function needOf({ garment, details, season, from, to }: Draft, perUnit: number): Need {
  const need: Need = { garment, details, season }
  if (from === null && to === null) return need
  const [low, high] = fullNeed(need).gsm
  return { ...need, gsm: [from === null ? low : from * perUnit, to === null ? high : to * perUnit] }
}

const numberOf = (value: number) => (Number.isFinite(value) ? value : null)

function PatternFields({ form: { value, set, error }, unit }: { form: Form<Draft>; unit: string }) {
  const { words } = usePreferences()
  return (
    <>
      <TextField
        label="Name"
        hint="As you know it."
        value={value.name}
        onChange={(name) => set({ name })}
        error={error('name')}
        isRequired
      />
      <ComboField
        label="What it makes"
        chosen={value.garment}
        onChoose={(garment) => set({ garment: garment as Garment })}
        options={GARMENTS.map((id) => ({ id, label: chosenWord(id, words) }))}
      />
      <div>
        <b id="details">Its details</b>
        <Chips role="group" aria-labelledby="details">
          {DETAILS.map((detail) => (
            <Chip
              key={detail}
              isSelected={value.details.includes(detail)}
              onChange={(isOn) =>
                set({ details: isOn ? [...value.details, detail] : value.details.filter((one) => one !== detail) })
              }
            >
              {chosenWord(detail, words)}
            </Chip>
          ))}
        </Chips>
      </div>
      <ChoiceField
        label="Worn in"
        value={value.season}
        onChange={(season) => set({ season: season as Season })}
        options={SEASONS.map((id) => [id, `${id} weather`])}
      />
      <Fields>
        <NumberField
          label="Cloth from"
          unit={unit}
          minValue={0}
          value={value.from ?? NaN}
          onChange={(from) => set({ from: numberOf(from) })}
          hint="Leave open where the envelope does not say."
          error={error('need.gsm')}
        />
        <NumberField
          label="to"
          unit={unit}
          minValue={0}
          value={value.to ?? NaN}
          onChange={(to) => set({ to: numberOf(to) })}
        />
      </Fields>
    </>
  )
}
