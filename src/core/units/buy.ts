import { MM_PER_YARD } from './constants'
import { EIGHTHS } from './format'

/** A length rounded up to what a shop cuts by. */
export interface Buy {
  /** Up to the next 0.1 m. */
  metres: number
  /** Up to the next ⅛ yd. */
  yards: number
  text: string
}

const STEPS_A_METRE = 10
const STEPS_A_YARD = 8
/** What arithmetic in mm may be off by, so that 2100.0000001 is 2.1 m. */
const TINY = 1e-6

/** The step up: in metres to 0.1, in yards to ⅛. @param safeMm what would do even if the reckoning is off */
export function buy(needMm: number, safeMm = needMm): Buy {
  const metres = upTo(needMm / 1000, STEPS_A_METRE)
  const yards = upTo(needMm / MM_PER_YARD, STEPS_A_YARD)
  const safe = upTo(safeMm / 1000, STEPS_A_METRE)
  const safer = { metres: safe, yards: upTo(safeMm / MM_PER_YARD, STEPS_A_YARD) }
  const more = safe > metres ? `; ${buyWords(safer)} to be safe` : ''
  return { metres, yards, text: `${buyWords({ metres, yards })}${more}` }
}

/** `1.2 m (1⅜ yd)`. */
export function buyWords({ metres, yards }: Pick<Buy, 'metres' | 'yards'>): string {
  return `${metres} m (${Math.floor(yards) || ''}${EIGHTHS[Math.round((yards % 1) * STEPS_A_YARD)]} yd)`
}

function upTo(value: number, steps: number): number {
  return Math.ceil(value * steps - TINY) / steps
}
