import { oklabDistance, oklabOf } from '../../colour/oklab'
import { careOf } from '../../fabric/care'
import { shrinkOf } from '../../fabric/shrink'
import { type Offer } from '../../fabric/types'
import { BODIES } from '../../vocabulary/cloth'
import { fitOfSpan, RELIES_ON_STRETCH } from '../fit/fit'
import { slideFit } from '../criteria/purpose/worn'
import { SMOOTH_SLEEVES } from '../remedies'
import { pairOf, shrinkRuling, type Ruling } from './pairing'
import { type SetPair, type PairProperty } from './types'
import { type SetWants } from './wants'
import { itemAt, mustHave } from '../../lists/items'
import { inCelsius } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Every rule of a lining with its shell; common practice, limits from memory. */
export function liningPairs(main: Offer, lining: Offer, wants: SetWants): SetPair[] {
  const rulings: [PairProperty, Ruling | undefined][] = [
    ['weight', weight(main, lining)],
    ['care', care(main, lining)],
    ['shrinkage', shrinkage(main, lining)],
    ['slide', wants.slides ? slide(main, lining) : undefined],
    ['opacity', opacity(main, lining, wants)],
    ['stretch', stretch(main, lining, wants)],
    ['body', body(main, lining)],
    ['heat', heat(main, lining)],
  ]
  return rulings.flatMap(([property, ruling]) => (ruling ? [pairOf(['main', 'lining'], property, ruling)] : []))
}

/** A lining is lighter than its shell; one as heavy makes the garment stand off. */
function weight({ gsm: shell }: Offer, { gsm: own }: Offer): Ruling {
  const rule = { id: 'lining-lighter', importance: 0.5 }
  if (!shell || !own)
    return { ...rule, fit: null, text: 'Weigh both: a lining should be lighter than the outer fabric.' }
  const ratio = own.value.value / shell.value.value
  const sd = ratio * Math.hypot(own.value.sd / own.value.value, shell.value.sd / shell.value.value)
  const fit = fitOfSpan({ value: ratio, sd }, [0, 0.92], -1, 1.5)
  const text =
    fit >= 0.8
      ? 'The lining is lighter than the outer fabric, as it should be.'
      : 'The lining is as heavy as the outer fabric, or heavier: it would pull it out of shape.'
  return { ...rule, fit, text }
}

function care(main: Offer, lining: Offer): Ruling {
  const rule = { id: 'care-agrees', importance: 0.45 }
  const [shell, own] = [careOf(main), careOf(lining)]
  if (!main.fibres || !lining.fibres)
    return { ...rule, fit: null, text: 'We don’t know how to wash them until their fibres are known.' }
  if (shell.washCelsius !== null && own.washCelsius === null)
    return { ...rule, fit: 0.25, text: 'You can’t wash the lining, so the whole garment needs dry cleaning.' }
  if (shell.washCelsius === null) return { ...rule, fit: 1, text: 'Dry cleaning, which the lining tolerates.' }
  const ownCelsius = mustHave(own.washCelsius)
  const colder = shell.washCelsius - ownCelsius
  if (colder >= 30)
    return {
      ...rule,
      fit: 0.65,
      text: phrase`The lining needs ${inCelsius(ownCelsius)}: wash the whole garment as gently.`,
    }
  return { ...rule, fit: 1, text: 'Both tolerate the same wash.' }
}

function shrinkage(main: Offer, lining: Offer): Ruling {
  const still = (offer: Offer) => shrinkOf(offer).value.length
  const inWater = careOf(main).washCelsius !== null && careOf(lining).washCelsius !== null
  return shrinkRuling(still(main), still(lining), { a: 'outer fabric', b: 'lining' }, inWater)
}

function slide(main: Offer, lining: Offer): Ruling | undefined {
  const rule = { id: 'lining-slides', importance: 0.4 }
  if ((main.stretchWidth?.value.value ?? 0) > RELIES_ON_STRETCH * 2) return undefined
  const fit = slideFit(lining)
  if (fit === null) return { ...rule, fit, text: 'Whether it slips over other clothes depends on its fibre.' }
  const text =
    fit >= 0.8
      ? 'The lining is smooth: it slips over other clothes.'
      : 'The lining clings: an arm will not slip through. It is fine for a bodice, not for a sleeve.'
  const remedy = { ...SMOOTH_SLEEVES, fit: 0.9 }
  return { ...rule, fit, text, ...(fit < 0.8 && { remedy }) }
}

/** Colours closer than this (OKLab) look like one through a thin cloth. */
const LIKE_COLOURS = 0.12

function opacity(main: Offer, lining: Offer, { opaque }: SetWants): Ruling {
  const rule = { id: 'lining-shows-through', importance: 0.4 }
  if (!main.opacity)
    return {
      ...rule,
      fit: null,
      text: 'Whether the lining shows through is not known: hold your hand behind the fabric.',
    }
  if (main.opacity.value === 'opaque') return { ...rule, fit: 1, text: 'The outer fabric hides the lining.' }
  if (opaque && lining.opacity?.value === 'sheer')
    return { ...rule, fit: 0.3, text: 'Both are see-through: the lining does not hide what is under it.' }
  if (main.colour && lining.colour && oklabDistance(oklabOf(main.colour), oklabOf(lining.colour)) > LIKE_COLOURS)
    return {
      ...rule,
      fit: 0.6,
      text: 'The lining’s colour shows through and changes that of the fabric: check that you like it.',
    }
  const isKnown = main.colour !== undefined && lining.colour !== undefined
  const hue = isKnown ? 'its colour matches.' : 'choose its colour and shine accordingly.'
  const text = `The lining shows through: ${hue}`
  return { ...rule, fit: 0.9, text }
}

/** A lining gives at least so much of what its shell gives. Common practice. */
const GIVES = 0.6

function stretch(main: Offer, lining: Offer, wants: SetWants): Ruling {
  const rule = { id: 'lining-gives', importance: wants.stretch > 0 ? 0.85 : 0.3 }
  const shell = main.stretchWidth?.value.value ?? 0
  const asked =
    Math.max(wants.stretch, shell >= RELIES_ON_STRETCH * 2 ? shell * GIVES : 0) * (wants.stretch > 0 ? GIVES : 1)
  if (asked === 0) return { ...rule, fit: 1, text: 'Neither has to stretch.' }
  if (!lining.stretchWidth)
    return { ...rule, fit: null, text: 'Whether the lining stretches with the fabric is not measured.' }
  const fit = fitOfSpan(lining.stretchWidth.value, [asked, 500], asked * 0.2, 600)
  const text =
    fit >= 0.8
      ? 'The lining stretches with the outer fabric.'
      : 'The outer fabric stretches and the lining does not: it would tear at the seams or stop the stretch.'
  const remedy = {
    id: 'lining-on-bias',
    text: 'Cut the lining on the bias, or with a deep pleat at the back.',
    fit: 0.8,
  }
  return { ...rule, fit, text, ...(fit < 0.8 && wants.stretch === 0 && { remedy }) }
}

function body(main: Offer, lining: Offer): Ruling {
  const rule = { id: 'lining-no-stiffer', importance: 0.35 }
  if (main.construction?.value === 'net')
    return { ...rule, fit: 1, text: 'Net and lace drape like the fabric under them.' }
  if (!main.body || !lining.body) return { ...rule, fit: null, text: 'The drape of both is not known.' }
  const stiffer = BODIES.indexOf(lining.body.value) - BODIES.indexOf(main.body.value)
  const fit = itemAt([1, 0.6, 0.3, 0.15, 0.1], Math.max(0, stiffer))
  return {
    ...rule,
    fit,
    text:
      fit === 1
        ? 'The lining is as soft as the outer fabric.'
        : 'The lining is stiffer than the outer fabric and spoils its drape.',
  }
}

function heat(main: Offer, lining: Offer): Ruling {
  const rule = { id: 'iron-the-cooler', importance: 0.15 }
  const [shell, own] = [careOf(main).ironDots, careOf(lining).ironDots]
  return own < shell && own <= 1
    ? {
        ...rule,
        fit: 0.7,
        text: 'The lining tolerates only a cool iron: press from the outside, with a press cloth.',
      }
    : { ...rule, fit: 1, text: 'Both tolerate the same iron.' }
}
