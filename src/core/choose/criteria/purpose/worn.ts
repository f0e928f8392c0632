import { isCloth } from '../../../cloths/traits'
import { isCoated, hasPile } from '../../../fabric/handling'
import { meanOver, shareOf } from '../../../fabric/mix'
import { opennessOf } from '../../../fabric/openness'
import { slideOf } from '../../../fabric/slide'
import { type Offer } from '../../../fabric/types'
import { fitOfNumber } from '../../fit/fit'
import { GOOD_FIT, NEAR_FIT } from '../../fit/steps'
import { type PurposeRule } from './rule'
import { fibresOf } from '../../../fibres/traits'

/** Openness, 0 sealed … 1 a net, up to which a cloth keeps a shower out once it is proofed, and from which none. */
const CLOSE = 0.2
const LETS_THROUGH = 0.46
/** What an unproofed cloth is worth at most: it keeps out a shower for a while, no rain. */
const UNPROOFED = 0.75

/** Rain is kept out by a coating, or by a close cloth that can be proofed. Common practice. */
export const shedsRain: PurposeRule = {
  property: 'rain',
  importance: 0.85,
  reads: ({ called, handling, construction, interlacing, opacity, gsm, mix, fibres }) => [
    [called, handling, construction, interlacing, opacity?.value, gsm?.value.value],
    [mix, fibres?.how],
  ],
  judge: (offer) => {
    const { construction, called = '', fibres } = offer
    if (isCoated(offer))
      return { fit: 1, by: { value: true, how: 'said' }, text: 'It is coated: it keeps the rain out.' }
    if (!construction)
      return {
        fit: null,
        text: 'Whether it keeps the rain out depends on how close it is woven, which is not known.',
      }
    if (construction.value === 'knit' || construction.value === 'net')
      return { fit: 0.05, by: construction, text: 'Rain passes through a knit or net without a coating.' }
    // Milled wool sheds a shower by its hairs; common practice.
    if (isCloth(called, 'sheds-showers'))
      return { fit: 0.6, by: construction, text: 'Milled wool keeps a shower out, but gets heavy in the rain.' }
    const open = opennessOf(offer).value
    // What drinks swells shut as it gets wet, but is wet through by then.
    const drinks = meanOver(offer.mix ?? [], ({ thermoplastic }) => (thermoplastic ? 0 : 1))?.value ?? 0.5
    const close = fitOfNumber(open, 0.04, 0, CLOSE, -1, LETS_THROUGH)
    const fit = Math.max(0.05, UNPROOFED * close * (1 - 0.15 * drinks))
    const text =
      close >= 0.6
        ? 'Close enough to keep a shower out once you proof it; it is not coated.'
        : 'Not close enough to keep rain out, and it is not coated.'
    return { fit, by: fibres ?? construction, text }
  },
}

/** Softness of a cloth that one sleeps on, and at which it scratches, 0 … 1. */
const SOFT = 0.62
const SCRATCHES = 0.35

/** What lies on the skin all night is smooth. */
export const onSkin: PurposeRule = {
  property: 'smoothness',
  importance: 0.5,
  reads: ({ mix, fibres, called, interlacing, handling }) => [mix, fibres?.how, called, interlacing, handling],
  judge: (offer) => {
    const soft = meanOver(offer.mix ?? [], ({ handle }) => handle.softness)
    if (!soft) return { fit: null, text: 'Whether it is smooth on the skin depends on its fibre.' }
    if (hasPile(offer))
      return { fit: 0.3, by: offer.fibres, text: 'Its pile is warm, but goes flat under your head.' }
    const fit = Math.max(0.05, fitOfNumber(soft.value, soft.sd + 0.05, SOFT, 3, SCRATCHES, 4))
    // Linen is chosen for it all the same: it softens with each wash.
    const softens = shareOf(offer, fibresOf('softens-with-washing')) * 0.9
    const best = Math.max(fit, softens)
    const text =
      best >= GOOD_FIT
        ? 'Smooth on the skin.'
        : best >= NEAR_FIT
          ? 'A little rough to lie on all night.'
          : 'Rough or hairy on the skin, all night.'
    return { fit: best, by: offer.fibres, text }
  },
}

/** Slide of a lining from which an arm goes through it easily, and under which it drags. */
const SLIDES = 0.6
const DRAGS = 0.1

/** How well a lining slides over what is worn under it, 0 … 1. @returns null where its fibres are not known */
export function slideFit(offer: Offer): number | null {
  const slide = slideOf(offer)
  return slide ? fitOfNumber(slide.value, slide.sd, SLIDES, 3, DRAGS, 4) : null
}

/** A lining slips: the garment goes on over it and does not ride up. Common practice. */
export const slidesRule: PurposeRule = {
  property: 'slip',
  importance: 0.4,
  reads: ({ mix, fibres, interlacing, called, handling, isBrushed }) => [
    [mix, fibres?.how, interlacing],
    [called, handling, isBrushed],
  ],
  judge: (offer) => {
    const fit = slideFit(offer)
    if (fit === null) return { fit, text: 'Whether it slips over other clothes depends on its fibre.' }
    const text =
      fit >= GOOD_FIT
        ? 'Smooth: it slips over other clothes.'
        : 'It clings to other clothes: fine for a bodice, not for a sleeve.'
    return { fit, by: offer.fibres, text }
  },
}
