'use client'

import { Fields } from '@/ui/kit/surfaces'
import { NumberField, ChoiceField } from '@/ui/kit/fields'
import { type YarnChoice } from '@/ui/cloth/drawn'
import { fieldUnits, fromField, toField } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'

/** Colour, thickness, kind and slub of one set of yarns. */
export function YarnFields({
  title,
  yarn,
  perCm,
  onPerCm,
  onChange,
}: {
  title: string
  yarn: YarnChoice
  perCm: number
  onPerCm: (value: number) => void
  onChange: (yarn: YarnChoice) => void
}) {
  const { units } = usePreferences()
  const { fine } = fieldUnits(units)
  const colour = (label: string, value: string, set: (colour: string) => void) => (
    <label style={{ display: 'grid', gap: '0.3rem', fontWeight: 700 }}>
      {label}
      <input
        type="color"
        value={value}
        onChange={(event) => set(event.target.value)}
        style={{ width: '100%', height: '2.75rem' }}
      />
    </label>
  )
  return (
    <fieldset style={{ border: 0, padding: 0, margin: 0, display: 'grid', gap: '0.8rem', minWidth: 0 }}>
      <legend style={{ padding: 0, marginBottom: '0.4rem' }}>
        <h3>{title}</h3>
      </legend>
      <Fields>
        <NumberField
          label="Threads a cm"
          minValue={2}
          maxValue={120}
          value={perCm}
          onChange={(value) => onPerCm(value || perCm)}
        />
        <NumberField
          label="Yarn thickness"
          unit={fine.symbol}
          minValue={0}
          value={toField(yarn.diameterMm, fine)}
          formatOptions={{ maximumFractionDigits: 4 }}
          onChange={(value) => onChange({ ...yarn, diameterMm: fromField(value, fine) || yarn.diameterMm })}
        />
        {colour('Colour', yarn.colour, (next) => onChange({ ...yarn, colour: next }))}
        <NumberField
          label="Stripe every"
          unit="threads"
          minValue={0}
          maxValue={60}
          value={yarn.stripeEvery}
          onChange={(value) => onChange({ ...yarn, stripeEvery: Math.round(value || 0) })}
        />
        {yarn.stripeEvery > 0
          ? colour('Its colour', yarn.stripe, (next) => onChange({ ...yarn, stripe: next }))
          : null}
        <NumberField
          label="Slubs"
          unit="%"
          minValue={0}
          maxValue={100}
          value={yarn.slub * 100}
          onChange={(value) => onChange({ ...yarn, slub: (value || 0) / 100 })}
        />
      </Fields>
      <ChoiceField
        label="Spun from"
        value={yarn.kind}
        onChange={(kind) => onChange({ ...yarn, kind: kind as YarnChoice['kind'] })}
        options={[
          ['staple', 'short fibres'],
          ['filament', 'endless filament'],
        ]}
      />
    </fieldset>
  )
}
