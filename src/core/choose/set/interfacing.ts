import { isCloth } from '../../cloths/traits'
import { careOf } from '../../fabric/care'
import { hasPile, isCoated } from '../../fabric/handling'
import { shrinkOf } from '../../fabric/shrink'
import { type Offer } from '../../fabric/types'
import { isTrace } from '../../fibres/catalogue'
import { ironFor } from '../../fibres/irons'
import { fitOfSpan, RELIES_ON_STRETCH } from '../fit/fit'
import { pairOf, type Ruling } from './pairing'
import { type Interfacing, type SetPair, type PairProperty } from './types'
import { type SetWants } from './wants'
import { inCelsius } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Every rule of an interfacing with the cloth that it holds; common practice, limits from memory. */
export function interfacingPairs(main: Offer, interfacing: Interfacing, wants: SetWants): SetPair[] {
  const rulings: [PairProperty, Ruling | undefined][] = [
    ['weight', weight(main, interfacing, wants)],
    ['stretch', stretch(main, interfacing, wants)],
    ['heat', heat(main, interfacing)],
    ['opacity', opacity(main, interfacing)],
    ['body', body(main, interfacing, wants)],
    ['shrinkage', shrinkage(main, interfacing)],
    ['care', care(main, interfacing)],
  ]
  return rulings.flatMap(([property, ruling]) => (ruling ? [pairOf(['main', 'interfacing'], property, ruling)] : []))
}

/** No heavier than the cloth, all layers together, except where stiffness is wanted. */
function weight({ gsm }: Offer, { gsm: one, count = 1 }: Interfacing, { stiff }: SetWants): Ruling {
  const rule = { id: 'interfacing-no-heavier', importance: 0.6 }
  if (!gsm || one === undefined)
    return { ...rule, fit: null, text: 'Weigh both: an interfacing should be no heavier than its fabric.' }
  const ratio = (one * count) / gsm.value.value
  const fit = stiff
    ? fitOfSpan({ value: ratio, sd: 0 }, [0, 2.5], -1, 5)
    : fitOfSpan({ value: ratio, sd: (ratio * gsm.value.sd) / gsm.value.value }, [0, 1.02], -1, 1.5)
  const layers = count > 1 ? `${count} layers of it are` : 'It is'
  if (fit >= 0.8) {
    const text =
      stiff && ratio > 1
        ? 'Heavier than the fabric, which is right here: it has to stand up.'
        : `${layers} no heavier than the fabric.`
    return { ...rule, fit, text }
  }
  const remedy = {
    id: 'lighter-interfacing',
    text: 'Use a lighter one, in layers where it has to support more.',
    fit: 0.95,
    swaps: true,
  }
  return { ...rule, fit, text: `${layers} heavier than the fabric: it would be stiff like card.`, remedy }
}

/** What stretches is held by what stretches. */
function stretch(main: Offer, { construction }: Interfacing, { stretch: relied }: SetWants): Ruling | undefined {
  const gives = main.stretchWidth?.value.value ?? 0
  const rule = { id: 'knit-on-stretch', importance: relied > 0 ? 0.6 : 0.4 }
  if (gives < RELIES_ON_STRETCH && relied === 0)
    return { ...rule, fit: 1, text: 'The fabric does not stretch, so any kind works.' }
  if (construction === undefined) return { ...rule, fit: null, text: 'On stretch fabric, use a knitted one.' }
  if (construction === 'knit') return { ...rule, fit: 1, text: 'Knitted, so that it stretches with the fabric.' }
  const text = 'The fabric stretches and this does not: it stops the stretch, and may tear away.'
  const remedy = { id: 'knit-interfacing', text: 'Use a knitted (tricot) interfacing.', fit: 0.95, swaps: true }
  return { ...rule, fit: construction === 'nonwoven' ? 0.35 : 0.25, text, remedy }
}

/** Dots of the iron that a glue asks for: about 150 °C. */
const FUSES_AT_DOTS = 2

function heat(main: Offer, { attach }: Interfacing): Ruling {
  const rule = { id: 'fusing-heat', importance: 0.65 }
  const remedy = { id: 'sew-in-instead', text: 'Use a sew-in one.', fit: 0.97, swaps: true }
  if (attach === undefined)
    return { ...rule, fit: null, text: 'Fusible or sew-in? The fabric must tolerate the heat of fusing.' }
  if (attach === 'sew-in') return { ...rule, fit: 1, text: 'Sew-in: no heat and no glue.' }
  if (hasPile(main)) return { ...rule, fit: 0.15, text: 'Fusing crushes the pile.', remedy }
  if (isCoated(main)) return { ...rule, fit: 0.15, text: 'The coating does not tolerate the fusing heat.', remedy }
  if (!main.fibres)
    return { ...rule, fit: null, text: 'Whether it tolerates the fusing heat depends on its fibre: test a snip.' }
  // A few per cent of elastane bear the moment of a fusing.
  const ironDots = ironFor(main.fibres.value.filter((id, _, all) => !isTrace(id) || all.every(isTrace)))?.dots ?? 1
  if (ironDots < FUSES_AT_DOTS)
    return {
      ...rule,
      fit: ironDots === 0 ? 0.05 : 0.3,
      text: 'Fusing is too hot for this fabric.',
      remedy,
    }
  if (isCloth(main.called, 'flattened-by-glue'))
    return { ...rule, fit: 0.4, text: 'Fusing presses its surface flat.', remedy }
  return { ...rule, fit: 1, text: 'It tolerates the fusing heat: test a snip first.' }
}

function opacity({ opacity: cover }: Offer, { attach }: Interfacing): Ruling | undefined {
  const rule = { id: 'glue-shows', importance: 0.45 }
  if (!cover) return { ...rule, fit: null, text: 'If the fabric is see-through, glue and interfacing show.' }
  if (cover.value === 'opaque') return { ...rule, fit: 1, text: 'It does not show through.' }
  const remedy = {
    id: 'organza-sewn-in',
    text: 'Sew in organza, or a layer of the fabric itself.',
    fit: 0.9,
    swaps: true,
  }
  if (attach === 'fusible')
    return {
      ...rule,
      fit: cover.value === 'sheer' ? 0.2 : 0.6,
      text: 'Glue and interfacing show through the fabric.',
      remedy,
    }
  return { ...rule, fit: 0.85, text: 'It shows through a little: choose the colour of the fabric, or of your skin.' }
}

function body({ body: falls }: Offer, { construction }: Interfacing, { stiff }: SetWants): Ruling | undefined {
  const rule = { id: 'nonwoven-papery', importance: 0.3 }
  if (!falls || construction === undefined) return undefined
  if (construction === 'nonwoven' && !stiff && falls.value === 'fluid')
    return {
      ...rule,
      fit: 0.5,
      text: 'Non-woven gets papery behind a soft fabric.',
      remedy: { id: 'woven-or-knit', text: 'Use a light woven or knitted one.', fit: 0.95, swaps: true },
    }
  return { ...rule, fit: 1, text: 'It moves with the fabric.' }
}

function shrinkage(main: Offer, { attach }: Interfacing): Ruling {
  const { value } = shrinkOf(main).value.length
  const rule = { id: 'shrink-before-fusing', importance: 0.3 }
  const inWater = careOf(main).washCelsius !== null
  if (value <= 3 || !inWater) return { ...rule, fit: 1, text: 'The fabric will hardly shrink under it.' }
  const remedy = {
    id: 'wash-both-first',
    text: 'Wash the fabric as you will the garment, before you cut.',
    fit: 0.95,
  }
  const how = attach === 'sew-in' ? 'sewn in' : 'fused'
  const text = `The fabric will still shrink by about ${value.toFixed(0)} %: ${how} interfacing would bubble.`
  return { ...rule, fit: Math.max(0.4, 1 - (value - 3) / 8), text, remedy }
}

function care(main: Offer, { attach }: Interfacing): Ruling | undefined {
  const { washCelsius } = careOf(main)
  const rule = { id: 'interfacing-washes', importance: 0.2 }
  if (washCelsius === null || washCelsius < 60) return { ...rule, fit: 1, text: 'It tolerates the fabric’s wash.' }
  return attach === 'fusible'
    ? { ...rule, fit: 0.8, text: phrase`Glue comes loose in a very hot wash: ${inCelsius(40)} is safer.` }
    : { ...rule, fit: 1, text: 'It tolerates the fabric’s wash.' }
}
