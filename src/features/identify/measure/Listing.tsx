'use client'

import { useState } from 'react'
import { listingOpacity } from '@/core/notebook/foretell'
import { lightnessOf } from '@/core/measure/opacity'
import { GSM_PER_OUNCE_PER_SQUARE_YARD } from '@/core/units/constants'
import { ChoiceField, TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { foretoldWords } from './words'
import { ColourField } from '@/ui/kit/ColourField'

/** A stated weight is true to about this share. */
const STATED_DOUBT = 0.05

/** A cloth that is only a listing on a screen: what would show through it? */
export function Listing() {
  const { units } = usePreferences()
  const unit =
    units === 'metric' ? { symbol: 'g/m²', gsm: 1 } : { symbol: 'oz/yd²', gsm: GSM_PER_OUNCE_PER_SQUARE_YARD }
  const [called, setCalled] = useState('')
  const [weight, setWeight] = useState(NaN)
  const [colour, setColour] = useState('#e9e3d2')
  const [yarn, setYarn] = useState('')
  const gsm = weight > 0 ? { value: weight * unit.gsm, sd: weight * unit.gsm * STATED_DOUBT } : undefined
  const foretold = listingOpacity({
    called,
    gsm,
    filament: yarn === '' ? null : yarn === 'filament',
    lightness: lightnessOf(colour),
  })
  return (
    <details>
      <summary>Only have an online listing?</summary>
      <Stack $gap="0.8rem" $top="0.6rem">
        <TextField label="Name in the listing" value={called} onChange={setCalled} />
        <NumberField
          label="Weight in the listing"
          unit={unit.symbol}
          minValue={0}
          value={weight}
          onChange={setWeight}
        />
        <ColourField label="Lightest colour" value={colour} onChange={setColour} />
        <ChoiceField
          label="Yarns"
          value={yarn}
          onChange={setYarn}
          options={[
            ['', 'not known'],
            ['spun', 'dull and hairy'],
            ['filament', 'smooth and shiny'],
          ]}
        />
        <p role="status">
          {foretold ? foretoldWords(foretold) : 'Enter a name or a weight, and we estimate what shows through.'}
        </p>
        <Soft>Hold it up when it arrives: we compare what you see with this estimate.</Soft>
      </Stack>
    </details>
  )
}
