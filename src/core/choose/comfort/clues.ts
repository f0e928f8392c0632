import { opennessOf } from '../../fabric/openness'
import { meanOver } from '../../fabric/mix'
import { thicknessOf } from '../../fabric/thickness'
import { type Offer } from '../../fabric/types'
import { type Quantity } from '../../units/quantity'
import { mustHave } from '../../lists/items'

/** What of a cloth decides how it wears; each with its doubt. */
export interface ComfortClues {
  /** Per cent of dry mass. */
  regain: Quantity | undefined
  /** 0 sealed … 1 a net. */
  openness: Quantity
  /** mm. */
  thickness: Quantity
  /** g/m². */
  gsm: Quantity
  /** Softness on the skin, 0 … 1. */
  softness: Quantity
  /** How readily it lies against the skin and holds the wet there: smooth filament clings. 0 … 1. */
  slide: Quantity
}

/** Where nothing is known: a cloth of middling weight, and any fibre. */
const ANY_GSM: Quantity = { value: 170, sd: 70 }
export const ANY_REGAIN: Quantity = { value: 6, sd: 4 }
const ANY_HANDLE: Quantity = { value: 0.7, sd: 0.2 }
/** Spread of one fibre’s softness and slide over its cloths. */
const HANDLE_SPREAD = 0.08

/** What decides how a cloth wears, with wide doubt where nothing is known of it. */
export function cluesOf(offer: Offer): ComfortClues {
  const mix = offer.mix ?? []
  const handle = (of: 'softness' | 'slide'): Quantity => {
    const known = meanOver(mix, (fibre) => fibre.handle[of])
    return known ? { value: known.value, sd: Math.hypot(known.sd, HANDLE_SPREAD) } : ANY_HANDLE
  }
  const gsm = offer.gsm?.value ?? ANY_GSM
  return {
    regain: meanOver(mix, ({ regain }) => regain?.percent),
    openness: opennessOf(offer),
    thickness: thicknessOf(offer) ?? mustHave(thicknessOf({ ...offer, gsm: { value: ANY_GSM, how: 'estimated' } })),
    gsm,
    softness: handle('softness'),
    slide: handle('slide'),
  }
}
