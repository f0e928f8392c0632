import { careOf } from '../../fabric/care'
import { opennessOf } from '../../fabric/openness'
import { shrinkOf } from '../../fabric/shrink'
import { type Offer } from '../../fabric/types'
import { fitOfSpan } from '../fit/fit'
import { pairOf, shrinkRuling, type Ruling } from './pairing'
import { type SetPair, type PairProperty, type SetPart, type Wadding } from './types'
import { type SetWants } from './wants'
import { inMm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Thickest wadding, mm: of a garment that has to bend, and of a quilt. From memory. */
const MOST_LOFT = { garment: 6, quilt: 15 } as const
/** mm of loft of a wadding that nobody measured, for each 100 g/m². */
const LOFT_PER_100_GSM = 5

/** Every rule of a wadding with the cloth outside and with the lining; common practice, limits from memory. */
export function waddingPairs(main: Offer, wadding: Wadding, lining: Offer | undefined, wants: SetWants): SetPair[] {
  const rulings: [PairProperty, Ruling][] = [
    ['weight', loft(wadding, wants)],
    ['body', quilts(main)],
    ['opacity', shows(main)],
    ['care', care(main, wadding)],
    ['shrinkage', shrinkage(main, wadding)],
  ]
  const between: readonly [SetPart, SetPart] = ['main', 'wadding']
  return [
    ...rulings.map(([property, ruling]) => pairOf(between, property, ruling)),
    pairOf(between, 'opacity', beards(main, 'outer fabric')),
    ...(lining ? [pairOf(['lining', 'wadding'], 'opacity', beards(lining, 'lining'))] : []),
  ]
}

function loft({ gsm, loftMm }: Wadding, { garment }: SetWants): Ruling {
  const rule = { id: 'loft-bends', importance: 0.5 }
  const mm = loftMm ?? (gsm === undefined ? undefined : (gsm / 100) * LOFT_PER_100_GSM)
  if (mm === undefined)
    return { ...rule, fit: null, text: 'The thickness of the wadding decides whether you can quilt it.' }
  const isBed = garment === 'quilt' || garment === 'cushion' || garment === 'curtain'
  const most = isBed ? MOST_LOFT.quilt : MOST_LOFT.garment
  const fit = fitOfSpan({ value: mm, sd: loftMm === undefined ? mm * 0.2 : 0.3 }, [0, most], -1, most * 2.5)
  const text =
    fit >= 0.8
      ? phrase`About ${inMm(Math.round(mm))} thick: right for ${isBed ? 'this' : 'something worn'}.`
      : phrase`About ${inMm(Math.round(mm))} thick: ${isBed ? 'hard to quilt through' : 'you could not move in it'}.`
  return { ...rule, fit, text }
}

function quilts({ gsm }: Offer): Ruling {
  const rule = { id: 'quilts-through', importance: 0.35 }
  if (!gsm) return { ...rule, fit: null, text: 'A light fabric quilts best; you have not weighed this one.' }
  const fit = fitOfSpan(gsm.value, [30, 220], 5, 420)
  return {
    ...rule,
    fit,
    text: fit >= 0.8 ? 'Light enough to quilt.' : 'Too heavy to quilt: the layers don’t sink in.',
  }
}

function shows({ opacity }: Offer): Ruling {
  const rule = { id: 'wadding-shows', importance: 0.4 }
  if (!opacity) return { ...rule, fit: null, text: 'If the fabric is see-through, the wadding shows.' }
  const fit = { sheer: 0.15, 'semi-sheer': 0.6, opaque: 1 }[opacity.value]
  return { ...rule, fit, text: fit === 1 ? 'It does not show through.' : 'The wadding shows through the fabric.' }
}

/** Openness from which the fibres of a wadding work their way out. */
const BEARDS_FROM = 0.62

function beards(cloth: Offer, word: string): Ruling {
  const { value } = opennessOf(cloth)
  const fit = fitOfSpan({ value, sd: 0.05 }, [-1, BEARDS_FROM], -2, 1)
  const text =
    fit >= 0.8
      ? `The ${word} is close enough to keep the wadding in.`
      : `The ${word} is open: wadding works its way through (bearding).`
  const remedy = { id: 'close-layer-between', text: 'Put a close, light fabric between.', fit: 0.95 }
  return { id: 'wadding-beards', importance: 0.25, fit, text, ...(fit < 0.8 && { remedy }) }
}

function care(main: Offer, { offer }: Wadding): Ruling {
  const rule = { id: 'care-agrees', importance: 0.4 }
  if (!offer.fibres || !main.fibres)
    return { ...rule, fit: null, text: 'We don’t know how to wash them until their fibres are known.' }
  const [shell, own] = [careOf(main).washCelsius, careOf(offer).washCelsius]
  const gentle = careOf(offer).isGentle && shell !== null && shell >= 60
  if (shell !== null && own === null)
    return { ...rule, fit: 0.25, text: 'You can’t wash the wadding, but you can wash the fabric.' }
  return {
    ...rule,
    fit: gentle ? 0.6 : 1,
    text: gentle ? 'The wadding needs a gentle, cool wash: wool felts.' : 'Both tolerate the same wash.',
  }
}

function shrinkage(main: Offer, { offer }: Wadding): Ruling {
  const inWater = careOf(main).washCelsius !== null
  // Wadding loses little once it is quilted down; its fibre’s usual figure is that of woven cloth.
  const own = shrinkOf(offer).value.length
  return shrinkRuling(
    shrinkOf(main).value.length,
    { value: own.value * 0.7, sd: own.sd },
    { a: 'cloth', b: 'wadding' },
    inWater,
  )
}
