'use client'

import { colourFromWords, COLOURS_FROM, type ColourFrom } from '@/core/measure/lie/colourFrom'
import { FINISHES, finishes, type Finish } from '@/core/measure/lie/finish'
import { napWords, NAPS, type Nap } from '@/core/measure/lie/nap'
import { CheckField, CheckGroup } from '@/ui/kit/checks'
import { ChoiceField } from '@/ui/kit/fields'
import { SelectField } from '@/ui/kit/SelectField'
import { Paper, Soft } from '@/ui/kit/surfaces'
import { type LiePart } from './draft'
import { Say } from '@/ui/text/Say'

const NAP_LABELS: Record<Nap, string> = {
  none: 'the same both ways',
  down: 'smooth towards the hem',
  up: 'smooth towards the head',
  unknown: 'not looked at',
}
const COLOUR_LABELS: Record<ColourFrom, string> = {
  printed: 'printed on',
  'yarn-dyed': 'woven from coloured yarns',
  'piece-dyed': 'piece-dyed',
  undyed: 'not dyed',
  unknown: 'not looked at',
}

export function NapColourFinish({ draft: { nap, colourFrom, finish }, onChange }: LiePart) {
  return (
    <Paper aria-labelledby="colour-and-finish">
      <h2 id="colour-and-finish">
        <Say>Nap, colour and finish</Say>
      </h2>
      <ChoiceField
        label="Nap along the warp"
        value={nap}
        onChange={(value) => onChange({ nap: value as Nap })}
        options={NAPS.map((one) => [one, NAP_LABELS[one]] as const)}
      />
      <Soft>{napWords[nap]}</Soft>
      <SelectField
        label="Origin of the colour"
        value={colourFrom}
        onChange={(value) => onChange({ colourFrom: value })}
        options={COLOURS_FROM.map((one) => [one, COLOUR_LABELS[one]] as const)}
      />
      <Soft>
        <Say>{colourFromWords[colourFrom]}</Say>
      </Soft>
      <CheckGroup legend="Finish">
        {FINISHES.map((one) => (
          <CheckField
            key={one}
            isSelected={finish.includes(one)}
            onChange={(isOn) =>
              onChange({ finish: isOn ? withFinish(finish, one) : finish.filter((f) => f !== one) })
            }
          >
            <b>
              <Say>{finishes[one].label}</Say>.
            </b>{' '}
            <Say>{finishes[one].signs}</Say>
          </CheckField>
        ))}
      </CheckGroup>
    </Paper>
  )
}

/** None and another exclude one another. */
function withFinish(finish: readonly Finish[], added: Finish): Finish[] {
  return [...finish.filter((other) => (other === 'none') === (added === 'none')), added]
}
