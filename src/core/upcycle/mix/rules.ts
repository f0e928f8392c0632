import { lchOf } from '../../colour/colour'
import { bathFor } from '../../dye/bath'
import { DYE_CLASS_WORDS } from '../../vocabulary/dyes'
import { careOf } from '../../fabric/care'
import { handlingOf } from '../../fabric/handling'
import { shareOf } from '../../fabric/mix'
import { type MixAsked, type MixReason, type MixStatus } from './types'
import { fibresOf } from '../../fibres/traits'
import { itemAt, mustHave } from '../../lists/items'
import { inCelsius, inCm } from '../../text/amounts'
import { phrase } from '../../text/text'

const HEAT_WORDS = ['no heat', 'one dot', 'two dots', 'three dots'] as const

/** A reason with no length to it. */
type Plain = Omit<MixReason, 'mm'>
const plain = (reason: Plain): MixReason => ({ ...reason, mm: null })

/** Per cent points of stretch across by which two cloths may differ; from the last on no tape holds them together. */
const STRETCH = { good: 6, near: 25, hopeless: 80 }

export function stretchReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'stretch', id: 'stretch-alike' } as const
  const [one, other] = [a, b].map(({ stretchWidth }) => stretchWidth?.value.value)
  if (one === undefined || other === undefined)
    return plain({
      ...base,
      status: 'unknown',
      text: phrase`Stretch both by hand over ${inCm(10)}: their stretch is not known.`,
    })
  const apart = Math.abs(one - other)
  if (apart <= STRETCH.good) return plain({ ...base, status: 'good', text: 'They stretch about equally.' })
  const status = apart <= STRETCH.near ? 'near' : 'bad'
  return plain({
    ...base,
    status,
    text:
      `One stretches ${Math.round(Math.max(one, other))} %, the other ` +
      `${Math.round(Math.min(one, other))} %: the seam cracks, or the soft one grows.`,
    ...(apart < STRETCH.hopeless && {
      remedy: status === 'near' ? ('cut-on-bias' as const) : ('stay-tape' as const),
    }),
  })
}

/** How many times as heavy the heavier may be; from the last on the lighter hangs off it like a rag. */
const WEIGHT = { good: 1.5, near: 2.2, hopeless: 3.5 }

export function weightReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'weight', id: 'weight-alike' } as const
  const [one, other] = [a, b].map(({ gsm }) => gsm?.value.value)
  if (one === undefined || other === undefined)
    return plain({ ...base, status: 'unknown', text: 'Weigh both: the heavier pulls the lighter out of shape.' })
  const ratio = Math.max(one, other) / Math.min(one, other)
  if (ratio <= WEIGHT.good) return plain({ ...base, status: 'good', text: 'They have about the same weight.' })
  return plain({
    ...base,
    status: ratio <= WEIGHT.near ? 'near' : 'bad',
    text:
      `One weighs ${ratio.toFixed(1)} times as much as the other: it drags at the seam, and the ` +
      'lighter wears out first.',
    ...(ratio < WEIGHT.hopeless && { remedy: 'underline-lighter' as const }),
  })
}

/** °C between two washes, and dots between two irons, that can still be met half-way. */
const WASH_APART = 30
const DOTS_APART = 2

export function careReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'care', id: 'care-alike' } as const
  if (!a.fibres || !b.fibres)
    return plain({
      ...base,
      status: 'unknown',
      text: 'How to wash them depends on their fibres, which are not known.',
    })
  const [one, other] = [careOf(a), careOf(b)]
  if ((one.washCelsius === null) !== (other.washCelsius === null))
    return plain({
      ...base,
      status: 'bad',
      text: 'You can wash one, but the other needs dry cleaning: so does the whole garment.',
      remedy: 'dry-clean',
    })
  const apart = Math.abs((one.washCelsius ?? 0) - (other.washCelsius ?? 0))
  const dots = Math.abs(one.ironDots - other.ironDots)
  const isGentleApart = one.isGentle !== other.isGentle
  if (apart < WASH_APART && dots < DOTS_APART && !isGentleApart)
    return plain({ ...base, status: 'good', text: 'They tolerate about the same wash and iron.' })
  const cooler = Math.min(one.washCelsius ?? 0, other.washCelsius ?? 0)
  return plain({
    ...base,
    status: 'near',
    text: phrase`One needs gentler care: wash the whole${isGentleApart ? ' by hand or gently' : ''} at
      ${inCelsius(cooler)}, and iron it with ${itemAt(HEAT_WORDS, Math.min(one.ironDots, other.ironDots))}.`,
    remedy: 'wash-gently',
  })
}

/** Lightness under which, or chroma from which, a colour has dye to lose; and from which it shows what it catches. */
const DEEP = { lightness: 45, chroma: 45 }
const PALE = 72

export function colourReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'colour', id: 'colour-runs' } as const
  if (!a.colour || !b.colour)
    return plain({ ...base, status: 'unknown', text: 'One may bleed: rub each with a wet white rag.' })
  const deep = [a, b].find(({ colour }) => isDeep(mustHave(colour)))
  const pale = [a, b].find(({ colour }) => lchOf(mustHave(colour)).lightness >= PALE && !isDeep(mustHave(colour)))
  if (!deep || !pale) return plain({ ...base, status: 'good', text: 'Neither would show dye from the other.' })
  if (deep.coloured?.value === 'yarn-dyed' || deep.washed === true)
    return plain({
      ...base,
      status: 'near',
      text:
        'A deep colour beside a pale one: it was washed or woven from dyed yarn, so it bleeds a little ' + 'at most.',
      remedy: 'wash-apart',
    })
  const held = shareOf(deep, fibresOf('holds-its-dye')) >= 0.8
  return plain({
    ...base,
    status: held ? 'near' : 'bad',
    text: held
      ? 'A deep colour beside a pale one; this fibre holds its dye well in a cool wash.'
      : 'An unwashed deep colour beside a pale one: it bleeds in the first wash.',
    remedy: 'wash-apart',
  })
}

function isDeep(hex: string): boolean {
  const { lightness, chroma } = lchOf(hex)
  return lightness < DEEP.lightness || (chroma > DEEP.chroma && lightness < PALE)
}

export function dyeReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'dye', id: 'dye-alike' } as const
  if (!a.mix?.length || !b.mix?.length)
    return plain({ ...base, status: 'unknown', text: 'The right dye depends on their fibres, which are not known.' })
  const [one, other] = [bathFor(a.mix), bathFor(b.mix)]
  if (one === other && one !== 'none')
    return plain({ ...base, status: 'good', text: `Both take ${DYE_CLASS_WORDS[one]}.` })
  return plain({
    ...base,
    status: 'near',
    text: 'They don’t take the same dye: dyed together they get two colours.',
    remedy: 'dye-before',
  })
}

export function structureReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'structure', id: 'structure-alike' } as const
  const [one, other] = [a.construction?.value, b.construction?.value]
  if (!one || !other)
    return plain({ ...base, status: 'unknown', text: 'We don’t know yet whether both are woven or knitted.' })
  const isApart = one !== other && (one === 'knit' || other === 'knit' || one === 'net' || other === 'net')
  const isPileApart = handlingOf(a).includes('pile') !== handlingOf(b).includes('pile')
  if (!isApart && !isPileApart)
    return plain({ ...base, status: 'good', text: 'They are both woven or both knitted.' })
  return plain({
    ...base,
    status: 'near',
    text: isApart
      ? `One is ${one}, the other ${other}: they behave differently under the foot and in wear.`
      : 'One has a pile: it creeps under the foot, and shades next to the smooth one.',
    remedy: 'test-seam',
  })
}

export function frayingReason({ a, b }: MixAsked): MixReason {
  const base = { property: 'fraying', id: 'fraying-alike' } as const
  const frays = [a, b].map((offer) => handlingOf(offer).includes('frays'))
  const isTender = [a, b].some((offer) => handlingOf(offer).includes('delicate'))
  if (!frays[0] && !frays[1]) return plain({ ...base, status: 'good', text: 'Neither frays much.' })
  const ratio = a.gsm && b.gsm ? a.gsm.value.value / b.gsm.value.value : 1
  const status: MixStatus = isTender && Math.max(ratio, 1 / ratio) > WEIGHT.hopeless ? 'bad' : 'near'
  return plain({
    ...base,
    status,
    text:
      status === 'bad'
        ? 'The delicate one frays, and the heavy one pulls it out of its seam.'
        : frays[0] && frays[1]
          ? 'Both fray: their edges pull out of the seam unless you finish them.'
          : 'One frays: its edge pulls out of the seam unless you finish it.',
    remedy: 'bind-edges',
  })
}
