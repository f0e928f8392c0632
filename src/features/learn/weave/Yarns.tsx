'use client'

import { Fields } from '@/ui/kit/surfaces'
import { NumberField } from '@/ui/kit/NumberField'
import { ChoiceField } from '@/ui/kit/fields'
import { type YarnChoice } from '@/ui/cloth/drawn'
import { fieldUnits, fromField, toField } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import styled from 'styled-components'
import { ColourField } from '@/ui/kit/ColourField'

const Set = styled.fieldset`
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 0.8rem;
  min-width: 0;
  legend {
    padding: 0;
    margin-bottom: 0.4rem;
  }
`

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
  return (
    <Set>
      <legend>
        <h3>{title}</h3>
      </legend>
      <Fields>
        <NumberField
          label="Threads per cm"
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
          decimals={4}
          onChange={(value) => onChange({ ...yarn, diameterMm: fromField(value, fine) || yarn.diameterMm })}
        />
        <ColourField label="Colour" value={yarn.colour} onChange={(colour) => onChange({ ...yarn, colour })} />
        <NumberField
          label="Stripe every"
          unit="threads"
          minValue={0}
          maxValue={60}
          value={yarn.stripeEvery}
          onChange={(value) => onChange({ ...yarn, stripeEvery: Math.round(value || 0) })}
        />
        {yarn.stripeEvery > 0 ? (
          <ColourField label="Its colour" value={yarn.stripe} onChange={(stripe) => onChange({ ...yarn, stripe })} />
        ) : null}
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
          ['filament', 'continuous filament'],
        ]}
      />
    </Set>
  )
}
