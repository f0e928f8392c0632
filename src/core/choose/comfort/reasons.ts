import { airinessOf, type Airiness } from '../../fabric/openness'
import { type Offer } from '../../fabric/types'
import { type ComfortClues } from './clues'
import { inGsm, inMm } from '../../text/amounts'
import { type Phrase, phrase } from '../../text/text'

/** A rule that an answer rests on, and what it says here. */
export interface ComfortReason {
  id: string
  text: Phrase
}

/** g of water a square metre holds after the spin, beside what its fibres take up; from memory. */
const SPUN_SHARE = 0.2
/** g/m² of water below which a line dries it in an hour or two, and above which it takes a day. */
const DRIES_FAST = 60
const DRIES_SLOWLY = 160

const AIR_WORDS: Readonly<Record<Airiness, string>> = {
  open: 'Air passes freely through it.',
  airy: 'It is open enough for a breeze to pass through.',
  middling: 'Some air passes through it.',
  close: 'It is close: it keeps the wind out and your own damp in.',
  sealed: 'It is coated or has a film: almost no air passes through.',
}

/** Why a cloth wears as it does, what weighs most first. @param clo its own warmth */
export function comfortReasons(offer: Offer, clues: ComfortClues, clo: number, nextToSkin: boolean): ComfortReason[] {
  return [
    moisture(clues),
    { id: 'air', text: AIR_WORDS[airinessOf(clues.openness.value)] },
    warmth(clo, clues),
    ...(nextToSkin ? [skin(clues)] : []),
    drying(clues),
    ...shares(offer, clues),
  ]
}

function moisture({ regain }: ComfortClues): ComfortReason {
  if (!regain)
    return { id: 'moisture-unknown', text: 'How it takes up moisture depends on its fibres, which are not known.' }
  const percent = regain.value < 2 ? regain.value.toFixed(1) : regain.value.toFixed(0)
  const text =
    regain.value >= 7
      ? `Its fibres take up about ${percent} % of their weight from damp air (regain): skin stays dry under it.`
      : regain.value >= 3
        ? `Its fibres take up about ${percent} % of their weight from damp air (regain): average.`
        : `Its fibres take up hardly any moisture (regain about ${percent} %): sweat stays on the skin.`
  return { id: 'moisture', text }
}

function warmth(clo: number, { thickness, gsm }: ComfortClues): ComfortReason {
  const mm = thickness.value < 1 ? Math.round(thickness.value * 10) / 10 : Math.round(thickness.value)
  const word = clo >= 0.3 ? 'warm' : clo >= 0.12 ? 'of medium warmth' : 'thin'
  return {
    id: 'thickness',
    text: phrase`About ${inMm(mm)} thick at ${inGsm(Math.round(gsm.value))}: ${word}.
      Still air inside a fabric keeps you warm.`,
  }
}

function skin({ softness }: ComfortClues): ComfortReason {
  if (softness.value >= 0.78) return { id: 'softness', text: 'Soft on the skin.' }
  if (softness.value >= 0.5)
    return { id: 'softness', text: 'Neither soft nor rough on the skin; it depends on how finely it is spun.' }
  return { id: 'softness', text: 'It may prickle or scratch: line it, or wear something under it.' }
}

function drying({ regain, gsm }: ComfortClues): ComfortReason {
  const water = gsm.value * (SPUN_SHARE + (regain?.value ?? 6) / 25)
  const text =
    water < DRIES_FAST
      ? 'Dries quickly on a line.'
      : water < DRIES_SLOWLY
        ? 'Dries in half a day on a line.'
        : 'Holds a lot of water and dries slowly.'
  return { id: 'drying', text }
}

/** Where the shares of a blend are unsaid and would change the answer. */
function shares({ mix = [] }: Offer, { regain }: ComfortClues): ComfortReason[] {
  if (mix.length < 2 || !regain || regain.sd < 1) return []
  return [
    {
      id: 'shares-unknown',
      text: 'The share of each fibre is not known, and it matters here: the label would tell.',
    },
  ]
}
