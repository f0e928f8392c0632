'use client'

import { clothOf } from '@/core/stash/amount'
import { USUAL_THINGS } from '@/core/stash/things'
import { formatWidth } from '@/core/units/format'
import { SIZE_HOWS, SIZE_HOW_WORDS, THINGS, THING_WORDS } from '@/core/vocabulary/stash'
import { wordFor } from '@/core/vocabulary/words'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Soft } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type PartProps } from './PieceFields'

/** What it is, how its size came to be known, and what is usual of such things. */
export function ThingFields({ piece, set }: PartProps) {
  const { words, units } = usePreferences()
  const usual = USUAL_THINGS[piece.thing]
  const cloth = clothOf(piece)
  return (
    <>
      <Fields>
        <SelectField
          label="What it is"
          value={piece.thing}
          onChange={(thing) => set({ thing, sizeHow: thing in USUAL_THINGS ? 'usual' : 'measured' })}
          options={THINGS.map((thing) => [thing, wordFor(THING_WORDS[thing], words)] as const)}
        />
        <SelectField
          label="How its size is known"
          value={piece.sizeHow}
          onChange={(sizeHow) => set({ sizeHow })}
          options={SIZE_HOWS.map((how) => [how, SIZE_HOW_WORDS[how]] as const)}
        />
      </Fields>
      {usual ? (
        <Soft>
          Usually {formatWidth(usual.widthMm, units)} by {formatWidth(usual.lengthMm, units)}; about{' '}
          {Math.round(usual.usable * 100)} % of its cloth can be cut from. Look at: {usual.look.join('; ')}. Leave the
          size open to go by that.
        </Soft>
      ) : null}
      {cloth && usual ? (
        <Soft>
          About {cloth.usable.value.toFixed(1)} ± {(2 * cloth.usable.sd).toFixed(1)} m² to cut from.
        </Soft>
      ) : null}
    </>
  )
}
