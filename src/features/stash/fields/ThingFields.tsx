'use client'

import { lazy, Suspense } from 'react'
import { SIZE_HOWS, SIZE_HOW_WORDS, THINGS, THING_WORDS, type Thing } from '@/core/vocabulary/stash'
import { wordFor } from '@/core/vocabulary/words'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields } from '@/ui/kit/surfaces'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type PartProps } from './partProps'

// The table of usual sizes comes when something made up is chosen.
const UsualWords = lazy(() => import('./UsualWords'))

const isByTheLength = (thing: Thing) => thing === 'cloth' || thing === 'offcut'

/** What it is, how its size came to be known, and what is usual of such things. */
export function ThingFields({ piece, set }: PartProps) {
  const { words } = usePreferences()
  return (
    <>
      <Fields>
        <SelectField
          label="Made up as"
          value={piece.thing}
          onChange={(thing) => set({ thing, sizeHow: isByTheLength(thing) ? 'measured' : 'usual' })}
          options={THINGS.map((thing) => [thing, wordFor(THING_WORDS[thing], words)] as const)}
        />
        <SelectField
          label="Size from"
          value={piece.sizeHow}
          onChange={(sizeHow) => set({ sizeHow })}
          options={SIZE_HOWS.map((how) => [how, SIZE_HOW_WORDS[how]] as const)}
        />
      </Fields>
      {isByTheLength(piece.thing) ? null : (
        <Suspense>
          <UsualWords piece={piece} />
        </Suspense>
      )}
    </>
  )
}
