'use client'

import { createContext, useContext } from 'react'
import { PLAIN_READER, textFor, type Reader } from '@/core/text/render'
import { type Phrase } from '@/core/text/text'

/** Who reads the page. */
export const ReaderContext = createContext<Reader>(PLAIN_READER)

/** Writes texts as this person reads them: their spelling, their units. */
export function useSay(): (text: Phrase) => string {
  const reader = useContext(ReaderContext)
  return (text) => textFor(text, reader)
}
