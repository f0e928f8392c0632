'use client'

import { useState, useTransition } from 'react'
import { ChoiceField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Paper } from '@/ui/kit/surfaces'
import { savePreferences } from './actions'
import { fieldUnits, fromField, toField } from './measures'
import { PAPER_IDS, PAPERS } from '@/core/vocabulary/paper'
import { type Preferences } from './preferences'

/** Every preference in one place; each is kept as soon as it is chosen. */
export function SettingsForm({ initial }: { initial: Preferences }) {
  const [preferences, setPreferences] = useState(initial)
  const [saving, start] = useTransition()
  const { short } = fieldUnits(preferences.units)
  const choose = (key: keyof Preferences) => (value: string | number) => {
    const next = { ...preferences, [key]: value } as Preferences
    setPreferences(next)
    start(() => savePreferences(next))
  }
  return (
    <Paper>
      <ChoiceField
        label="Units"
        value={preferences.units}
        onChange={choose('units')}
        options={[
          ['metric', 'cm, m, g/m²'],
          ['imperial', 'inches, yards, oz/yd²'],
        ]}
      />
      <ChoiceField
        label="Vocabulary and spelling"
        value={preferences.words}
        onChange={choose('words')}
        options={[
          ['uk', <span key="uk">UK: viscose, elastane, colour</span>],
          ['us', 'US: rayon, spandex, color'],
        ]}
      />
      <ChoiceField
        label="Printer paper"
        value={preferences.paper}
        onChange={choose('paper')}
        options={PAPER_IDS.map((id) => [id, PAPERS[id].words] as const)}
      />
      <ChoiceField
        label="Theme"
        value={preferences.theme}
        onChange={choose('theme')}
        options={[
          ['system', 'Same as this device'],
          ['light', 'Light'],
          ['dark', 'Dark'],
        ]}
      />
      <ChoiceField
        label="Motion"
        value={preferences.motion}
        onChange={choose('motion')}
        options={[
          ['moving', 'A little'],
          ['still', 'None'],
        ]}
      />
      <NumberField
        label="Arm span"
        unit={short.symbol}
        hint="Fingertip to fingertip with arms stretched out: about your height. Quick add measures with it."
        value={Math.round(toField(preferences.spanMm, short) * 2) / 2}
        onChange={(value) => {
          const mm = fromField(value, short)
          if (mm !== null) choose('spanMm')(Math.min(2300, Math.max(1000, Math.round(mm))))
        }}
      />
      <p role="status" className="visually-hidden">
        {saving ? 'Saving' : 'Saved'}
      </p>
    </Paper>
  )
}
