import { clothWithId } from '../cloths/traits'
import { type Opacity } from '../vocabulary/cloth'
import { type Quantity } from '../units/quantity'
import { isCoated } from './handling'
import { type Offer } from './types'

/** How freely air goes through, from the freest. */
export const AIRINESS = ['open', 'airy', 'middling', 'close', 'sealed'] as const
export type Airiness = (typeof AIRINESS)[number]

/** Openness at and above which a word holds, on a scale of our own from 0 (sealed) to 1 (a net). */
const WORDS_FROM: Readonly<Record<Airiness, number>> = {
  open: 0.78,
  airy: 0.56,
  middling: 0.34,
  close: 0.08,
  sealed: 0,
}

/** Where the scale starts for a plain opaque cloth of `USUAL_GSM`, and what its making adds; from memory. */
const PLAIN = 0.48
const USUAL_GSM = 150
const BY_OPACITY: Readonly<Record<Opacity, number>> = { sheer: 0.34, 'semi-sheer': 0.14, opaque: 0 }
const BY_WEAVE: Readonly<Partial<Record<string, number>>> = {
  leno: 0.35,
  mesh: 0.45,
  waffle: 0.12,
  basket: 0.06,
  jersey: 0.1,
  'rib-knit': 0.08,
  twill: -0.08,
  satin: -0.14,
  sateen: -0.14,
  jacquard: -0.06,
  'double-cloth': -0.08,
  felt: -0.12,
  'pile-ribs': -0.1,
  pile: -0.08,
}
/** What each doubling of its weight takes off. */
const BY_DOUBLING = 0.13
/** Standard uncertainty of the scale for a cloth whose making is known, and for one of which nothing is. */
const SPREAD = 0.08
const UNKNOWN_SPREAD = 0.2

/**
 * How open a cloth is to the air, 0 (sealed) … 1 (a net): estimated from its weave, weight, what shows through it and
 * what it is called. Where its threads were counted, its holes say it better.
 * @param openShare share of its area that is hole, where threads were counted (Peirce’s geometry, 1937)
 */
export function opennessOf(offer: Offer, openShare?: number): Quantity {
  if (isCoated(offer)) return { value: offer.called === 'waxed-cotton' ? 0.06 : 0.02, sd: 0.03 }
  if (openShare !== undefined) return { value: bounded(0.3 + 0.9 * Math.sqrt(openShare)), sd: 0.06 }
  const { gsm, opacity, interlacing, called = '', construction } = offer
  const weave =
    interlacing ??
    { woven: 'plain', knit: 'jersey', net: 'mesh', felted: 'felt', hide: 'skin', sheet: 'sheet' }[
      construction?.value ?? 'woven'
    ]
  const weight = gsm?.value.value ?? USUAL_GSM
  const value =
    PLAIN +
    BY_OPACITY[opacity?.value ?? 'opaque'] +
    (BY_WEAVE[weave] ?? 0) +
    (clothWithId(called)?.openness ?? 0) -
    BY_DOUBLING * Math.log2(Math.max(1, weight) / USUAL_GSM)
  const isKnown = construction !== undefined && gsm !== undefined
  return { value: bounded(value), sd: isKnown ? SPREAD : UNKNOWN_SPREAD }
}

/** The word for an openness. */
export function airinessOf(openness: number): Airiness {
  return AIRINESS.find((word) => openness >= WORDS_FROM[word]) ?? 'sealed'
}

function bounded(value: number): number {
  return Math.min(1, Math.max(0.1, value))
}
