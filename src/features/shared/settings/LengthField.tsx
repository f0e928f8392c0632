'use client'

import { type Worded } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { fieldUnits, fromField, toField } from './measures'
import { usePreferences } from './PreferencesContext'

interface Props extends Worded {
  /** How long what is measured usually is: mm, cm or m, or inches and yards. */
  of: 'fine' | 'short' | 'long'
  /** Null where nothing is written. */
  mm: number | null
  leastMm?: number
  mostMm?: number
  isDisabled?: boolean
  /** Given where a value beyond what fabric is like is to be asked about. */
  kind?: 'length' | 'width'
  /** @param mm null where the field was emptied */
  onMm: (mm: number | null) => void
}

/** A length in the person’s own unit. */
export function LengthField({ of, mm, leastMm = 0, mostMm, onMm, ...rest }: Props) {
  const unit = fieldUnits(usePreferences().units)[of]
  return (
    <NumberField
      {...rest}
      unit={unit.symbol}
      value={toField(mm, unit)}
      minValue={toField(leastMm, unit)}
      maxValue={mostMm === undefined ? undefined : toField(mostMm, unit)}
      onChange={(value) => onMm(fromField(value, unit))}
    />
  )
}
