import { type Phrase } from '../text/text'
import { careOf } from '../fabric/care'
import { hasPile, isCoated, isMilled } from '../fabric/handling'
import { shareOf } from '../fabric/mix'
import { type Offer } from '../fabric/types'
import { materialOf } from '../fabric/materialOf'
import { type WashPlan } from './washing'

/** What is done, and why. */
interface Done {
  text: Phrase
  why: Phrase
  risk: string
}

const WHY_SQUARE = 'Garments cut off grain twist when you wear them.'
const CHALK =
  'Put a set square against the selvedge, chalk a line across, and cut along it. Do not tear it ' +
  'or pull a thread.'

/**
 * How the end of a woven fabric is cut square to its selvedge: what tears cleanly is torn, what is open or smooth has a
 * thread drawn, and what can have neither is chalked. Common practice.
 * @returns undefined where there are no threads to go by
 */
export function truing(offer: Offer): Done | undefined {
  if (offer.construction !== undefined && offer.construction.value !== 'woven') return undefined
  if (materialOf(offer)?.layout.turn === 'any') return undefined
  if (isCoated(offer))
    return { text: CHALK, why: 'A coating holds its threads where they are.', risk: 'It stays off grain.' }
  if (hasPile(offer) || isMilled(offer))
    return { text: CHALK, why: WHY_SQUARE, risk: 'Tearing pulls the pile out, and milled threads don’t separate.' }
  const pull = 'If the end is not square to the selvedge, pull along the short diagonal.'
  const risk = 'You can’t straighten a print or a finish that is off grain.'
  if (isTorn(offer)) return { text: `Tear it across from a snip in the selvedge. ${pull}`, why: WHY_SQUARE, risk }
  return { text: `Pull one thread out across, and cut along its gap. ${pull}`, why: WHY_SQUARE, risk }
}

/** g/m² between which a plain cotton or polyester-cotton parts cleanly along a thread; common practice. */
const TEARS_BETWEEN = [70, 190] as const

function isTorn({ gsm, interlacing, mix = [], called }: Offer): boolean {
  const weight = gsm?.value.value ?? 0
  const isPlain = interlacing === 'plain' && called !== undefined
  return (
    isPlain &&
    weight >= TEARS_BETWEEN[0] &&
    weight <= TEARS_BETWEEN[1] &&
    shareOf({ mix }, ['cotton', 'polyester']) >= 0.8
  )
}

/** How a fabric is made flat before it is cut: with the iron, with steam alone, or without either. Common practice. */
export function smoothing(offer: Offer, plan: WashPlan): Done {
  const why = 'Cutting over a crease gives a wrong length.'
  const risk = 'Hot irons and steam burn.'
  if (isCoated(offer) || careOf(offer).ironDots === 0)
    return {
      text:
        'Roll it right side out around a tube, or leave it flat overnight under its own weight. Do not ' + 'iron it.',
      why: 'Heat blisters a coating and melts a film.',
      risk: 'A sharp fold in a coating stays.',
    }
  if (plan.way === 'steam') return { text: plan.text, why: plan.why, risk }
  if (hasPile(offer))
    return {
      text: 'Put it pile down on a thick towel, and hold the steam above its back. Don’t rest the iron on it.',
      why,
      risk: `${risk} An iron flattens and glazes pile.`,
    }
  return { text: 'Press it flat along the grain. Lift the iron; don’t push it.', why, risk }
}
