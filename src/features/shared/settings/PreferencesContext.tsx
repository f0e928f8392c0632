'use client'

import { createContext, useContext, type ReactNode } from 'react'
import { ReaderContext } from '@/ui/text/reader'
import { type Preferences } from './preferences'

const Context = createContext<Preferences>({
  units: 'metric',
  words: 'uk',
  paper: 'a4',
  theme: 'system',
  motion: 'moving',
  spanMm: 1650,
})

export function PreferencesProvider({ value, children }: { value: Preferences; children: ReactNode }) {
  return (
    <Context.Provider value={value}>
      <ReaderContext.Provider value={value}>{children}</ReaderContext.Provider>
    </Context.Provider>
  )
}

/** Units and words as the person set them. */
export function usePreferences(): Preferences {
  return useContext(Context)
}
