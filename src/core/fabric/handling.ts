import { isCloth } from '../cloths/traits'
import { fibreById } from '../fibres/catalogue'
import { materialOf } from './materialOf'
import { meanOver } from './mix'
import { thicknessOf } from './thickness'
import { type Offer } from './types'
import { HANDLINGS, type Handling } from '../vocabulary/cloth'
import { isLike } from '../fibres/traits'

const RAVELLING_WEAVES = ['satin', 'sateen', 'basket', 'leno', 'crepe-weave', 'jacquard']
/** How smooth fibres have to be on the whole for a cloth of them to slide about, 0 … 1. */
const SLIDES_FROM = 0.6
/** g/m² above which nothing slips off the table, and under which any cloth is delicate; mm from which it is bulky. */
const SLIPS_UNDER = 180
const DELICATE_UNDER = 60
const BULKY_OVER_MM = 1.6
/** g/m² above which threads are coarse enough to work loose. */
const COARSE_OVER = 260

/** Each way of behaving, and what of a cloth brings it; common practice, limits from memory. */
const RULES: Readonly<Record<Handling, (offer: Offer) => boolean>> = {
  slippery: (offer) => isSmooth(offer) && weightOf(offer) < SLIPS_UNDER && mayFlow(offer) && !hasPile(offer),
  frays: (offer) => isWoven(offer) && !isCoated(offer) && !isMilled(offer) && ravels(offer),
  curls: ({ construction, interlacing, called = '' }) =>
    construction?.value === 'knit' &&
    !isCloth(called, 'coated') &&
    (interlacing ?? 'jersey') === 'jersey' &&
    !isCloth(called, 'lies-flat'),
  delicate: (offer) =>
    weightOf(offer) < DELICATE_UNDER ||
    (offer.construction?.value === 'net' && !isCloth(offer.called, 'firm')) ||
    (isSmooth(offer) && weightOf(offer) < 90),
  pile: (offer) => hasPile(offer),
  sheer: ({ opacity }) => opacity?.value === 'sheer',
  bulky: (offer) => (thicknessOf(offer)?.value ?? 0) > BULKY_OVER_MM,
  coated: (offer) => isCoated(offer),
}

/** How a cloth behaves on the table: as somebody said, else as follows from what it is called, made of and weighs. */
export function handlingOf(offer: Offer): readonly Handling[] {
  return offer.handling ?? HANDLINGS.filter((one) => RULES[one](offer))
}

/** Coated, under a film, or a sheet or a skin: it does not fray, and a pin leaves its hole. */
export function isCoated(offer: Offer): boolean {
  const { called = '', handling } = offer
  const material = materialOf(offer)
  return handling?.includes('coated') ?? (material ? !material.takesPins : isCloth(called, 'coated'))
}

export function hasPile({ interlacing, called = '', handling }: Offer): boolean {
  if (handling) return handling.includes('pile')
  return interlacing === 'pile' || interlacing === 'pile-ribs' || isCloth(called, 'knitted-pile')
}

/** Whether it was milled or raised so that its threads are hidden and hold one another. */
export function isMilled({ called = '' }: Offer): boolean {
  return isCloth(called, 'milled')
}

/** Whether its pile melts: it glazes under an iron, and glue for interfacing wants more heat than it bears. */
export function hasMeltingPile(offer: Offer): boolean {
  return (
    hasPile(offer) &&
    (offer.mix ?? []).some(({ fibre, fraction }) => fraction.value >= 0.2 && fibreById(fibre).thermoplastic)
  )
}

/** Whether its pieces must all lie one way: its pile or nap shades; a print is another matter. */
export function isOneWay(offer: Offer): boolean {
  const material = materialOf(offer)
  if (material) return offer.nap?.value ?? material.layout.turn === 'one-way'
  return offer.nap?.value ?? ((hasPile(offer) && !isCloth(offer.called, 'no-nap')) || isCloth(offer.called, 'shades'))
}

function weightOf({ gsm }: Offer): number {
  return gsm?.value.value ?? 150
}

function isWoven({ construction }: Offer): boolean {
  return construction === undefined || construction.value === 'woven'
}

function isLimp({ body }: Offer): boolean {
  return body === undefined || body.value === 'fluid' || body.value === 'soft'
}

/** What falls, and satin even where it stands a little. */
function mayFlow(offer: Offer): boolean {
  return isLimp(offer) || (offer.interlacing === 'satin' && offer.body?.value === 'moderate')
}

function isSmooth({ mix = [], interlacing, called = '' }: Offer): boolean {
  if (isCloth(called, 'grips')) return false
  const slide = meanOver(mix, ({ handle }) => handle.slide)?.value ?? 0
  const ofWeave = interlacing === 'satin' ? 0.15 : interlacing === 'crepe-weave' ? -0.05 : 0
  return slide + ofWeave >= SLIDES_FROM
}

function ravels(offer: Offer): boolean {
  const { called = '', interlacing, mix = [] } = offer
  const isCoarse = mix[0] !== undefined && isLike(mix[0].fibre, 'coarse')
  return (
    isCloth(called, 'ravels') ||
    isCoarse ||
    weightOf(offer) > COARSE_OVER ||
    isSmooth(offer) ||
    (interlacing !== undefined && RAVELLING_WEAVES.includes(interlacing))
  )
}
