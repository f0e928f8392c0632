'use client'

import { type Need } from '@/core/notebook/schemas/need'
import { type Body, type Opacity } from '@/core/vocabulary/cloth'
import { BODIES, OPACITIES } from '@/core/vocabulary/cloth'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '@/core/units/constants'
import {
  AVOID_WORDS,
  AVOIDS,
  CARE_WISH_WORDS,
  CARES,
  FASTNESS_WORDS,
  FASTNESSES,
  PRINT_WISH_WORDS,
  PRINT_WISHES,
  chosenWord,
  DETAILS,
  GARMENTS,
  SEASONS,
  type Avoid,
  type Detail,
  type Fastness,
  type Garment,
  type Season,
} from '@/core/vocabulary/choosing'
import { wordFor } from '@/core/vocabulary/words'
import { Chip, Chips } from '@/ui/kit/Chips'
import { ComboField } from '@/ui/kit/ComboField'
import { SelectField } from '@/ui/kit/SelectField'
import { NumberField } from '@/ui/kit/NumberField'
import { Fields, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'

interface Props {
  need: Need
  onChange: (need: Need) => void
}

/** g/m²; null where the envelope does not say. */
interface Weights {
  from: number | null
  to: number | null
  onChange: (change: { from: number | null; to: number | null }) => void
  error?: string
}

/** What is made, with its details, and what its envelope asks of the main cloth; what is left open follows. */
export function NeedFields({ need, onChange }: Props) {
  const { words } = usePreferences()
  const set = (change: Partial<Need>) => onChange({ ...need, ...change })
  const details = need.details ?? []
  return (
    <>
      <ComboField
        label="Garment"
        chosen={need.garment ?? null}
        onChoose={(garment) => set({ garment: garment as Garment })}
        options={GARMENTS.map((id) => ({ id, label: chosenWord(id, words) }))}
      />
      <Stack $gap="0.5rem">
        {details.length > 0 ? (
          <Picked<Detail>
            label="Details"
            picked={details}
            all={details}
            wordOf={(detail) => chosenWord(detail, words)}
            onChange={(left) => set({ details: left })}
          />
        ) : null}
        <ComboField
          key={details.length}
          label="Add a detail"
          chosen={null}
          onChoose={(detail) => set({ details: [...new Set([...details, detail as Detail])] })}
          options={DETAILS.filter((id) => !details.includes(id)).map((id) => ({ id, label: chosenWord(id, words) }))}
        />
      </Stack>
    </>
  )
}

const numberOf = (value: number) => (Number.isFinite(value) ? value : null)
/** What the envelope says of the weight, in the person’s own unit. */
export function WeightFields({ from, to, onChange, error }: Weights) {
  const { units } = usePreferences()
  const perUnit = units === 'metric' ? 1 : GSM_PER_OUNCE_PER_SQUARE_YARD
  const unit = units === 'metric' ? 'g/m²' : 'oz/yd²'
  const shown = (gsm: number | null) => (gsm === null ? NaN : Number((gsm / perUnit).toFixed(1)))
  const asked = (value: number) => (Number.isFinite(value) ? value * perUnit : null)
  return (
    <Fields>
      <NumberField
        label="Fabric for"
        unit={unit}
        minValue={0}
        value={shown(from)}
        onChange={(value) => onChange({ from: asked(value), to })}
        hint="Leave empty what the envelope does not say."
        error={error}
      />
      <NumberField
        label="to"
        unit={unit}
        minValue={0}
        value={shown(to)}
        onChange={(value) => onChange({ from, to: asked(value) })}
      />
    </Fields>
  )
}

const BODY_WORDS: Record<Body, string> = {
  fluid: 'very fluid',
  soft: 'soft',
  moderate: 'has some body',
  crisp: 'crisp',
  stiff: 'stiff',
}
const OPACITY_WORDS: Record<Opacity, string> = {
  sheer: 'see-through (sheer)',
  'semi-sheer': 'semi-sheer',
  opaque: 'opaque',
}

/** What an envelope asks beyond garment and weight. */
export function MoreFields({ need, onChange }: Props) {
  const set = (change: Partial<Need>) => onChange({ ...need, ...change })
  const least = need.stretchPercent?.width?.[0]
  return (
    <Stack $gap="0.9rem" $top="0.6rem">
      <Fields>
        <SelectField
          label="Season"
          value={need.season ?? ''}
          onChange={(season) => set({ season: (season || undefined) as Season | undefined })}
          options={[['', 'any'], ...SEASONS.map((id) => [id, `${id} weather`] as const)]}
        />
        <SelectField
          label="Woven or knit"
          value={need.structure ?? ''}
          onChange={(structure) => set({ structure: (structure || undefined) as Need['structure'] })}
          options={[
            ['', 'depends on the garment'],
            ['woven', 'woven'],
            ['knit', 'knit'],
            ['either', 'either'],
          ]}
        />
        <SelectField
          label="Pile or nap"
          value={need.pile ?? ''}
          onChange={(pile) => set({ pile: (pile || undefined) as Need['pile'] })}
          options={[
            ['', 'any'],
            ['no', 'not suitable'],
            ['with-nap-layout', 'with the lengths for nap'],
            ['yes', 'designed for it'],
          ]}
        />
        <SelectField
          label="Prints"
          value={need.print ?? ''}
          onChange={(print) => set({ print: print || undefined })}
          options={[['', 'any'], ...PRINT_WISHES.map((id) => [id, PRINT_WISH_WORDS[id]] as const)]}
        />
        <SelectField
          label="Washed"
          value={need.care ?? ''}
          onChange={(care) => set({ care: care || undefined })}
          options={[['', 'not known'], ...CARES.map((id) => [id, CARE_WISH_WORDS[id]] as const)]}
        />
        <NumberField
          label="Stretch recovery"
          unit="%"
          minValue={0}
          maxValue={100}
          value={need.recoveryPercent ?? NaN}
          onChange={(value) => set({ recoveryPercent: numberOf(value) ?? undefined })}
        />
        <NumberField
          label="Minimum crosswise stretch"
          unit="%"
          minValue={0}
          maxValue={300}
          value={least ?? NaN}
          onChange={(value) => {
            const from = numberOf(value)
            const { length } = need.stretchPercent ?? {}
            const width = from === null ? undefined : ([from, Math.max(150, from)] as [number, number])
            set({
              stretchPercent: width || length ? { ...(length && { length }), ...(width && { width }) } : undefined,
            })
          }}
        />
      </Fields>
      <MorePicked need={need} onChange={onChange} />
    </Stack>
  )
}

function MorePicked({ need, onChange }: Props) {
  const { words } = usePreferences()
  const set = (change: Partial<Need>) => onChange({ ...need, ...change })
  return (
    <>
      <Picked<Body>
        label="Drape (how it falls)"
        picked={need.body ?? []}
        all={BODIES}
        wordOf={(body) => BODY_WORDS[body]}
        onChange={(body) => set({ body: body.length > 0 ? body : undefined })}
      />
      <Picked<Opacity>
        label="Opacity (what shows through)"
        picked={need.opacity ?? []}
        all={OPACITIES}
        wordOf={(opacity) => OPACITY_WORDS[opacity]}
        onChange={(opacity) => set({ opacity: opacity.length > 0 ? opacity : undefined })}
      />
      <Picked<Fastness>
        label="Colour fastness (what its colour must survive)"
        picked={need.fastness ?? []}
        all={FASTNESSES}
        wordOf={(one) => FASTNESS_WORDS[one]}
        onChange={(fastness) => set({ fastness: fastness.length > 0 ? fastness : undefined })}
      />
      <Picked<Avoid>
        label="Not suitable for"
        picked={need.avoid ?? []}
        all={AVOIDS}
        wordOf={(avoid) => wordFor(AVOID_WORDS[avoid], words)}
        onChange={(avoid) => set({ avoid: avoid.length > 0 ? avoid : undefined })}
      />
    </>
  )
}

interface PickedProps<T> {
  label: string
  picked: readonly T[]
  all: readonly T[]
  wordOf: (one: T) => string
  onChange: (picked: T[]) => void
}

/** Several of a few, each on or off. */
function Picked<T extends string>({ label, picked, all, wordOf, onChange }: PickedProps<T>) {
  return (
    <div role="group" aria-label={label}>
      <b>{label}</b>
      <Chips>
        {all.map((one) => (
          <Chip
            key={one}
            isSelected={picked.includes(one)}
            onChange={(isOn) => onChange(isOn ? [...picked, one] : picked.filter((other) => other !== one))}
          >
            {wordOf(one)}
          </Chip>
        ))}
      </Chips>
    </div>
  )
}
