'use client'

import { type Phrase } from '@/core/text/text'
import { useSay } from './reader'

/** Text as this person reads it: their spelling, their units. */
export function Say({ children }: { children: Phrase }) {
  return useSay()(children)
}
