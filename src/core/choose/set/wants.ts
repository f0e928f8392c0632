import { RELIES_ON_STRETCH } from '../fit/fit'
import { fullNeed } from '../need/need'
import { type Need } from '../../notebook/schemas/need'
import { type Detail, type Garment } from '../../vocabulary/choosing'

/** What the thing to be made asks of a set. */
export interface SetWants {
  garment?: Garment
  /** Stiffness is meant: interfacing may be heavier than the cloth. */
  stiff: boolean
  /** Arms or legs go through it, so that its lining has to slide. */
  slides: boolean
  /** Per cent across that the pattern relies on; 0 where it does not. */
  stretch: number
  /** It has to be opaque as worn. */
  opaque: boolean
}

/** Things that stand by themselves, however soft their cloth; common practice. */
const STIFF: readonly Garment[] = ['bag']
const STIFF_DETAILS: readonly Detail[] = ['lapel']

export function wantsOf(need: Need | undefined): SetWants {
  const full = fullNeed({ ...need, role: undefined })
  const garment = need?.garment
  const details = need?.details ?? []
  return {
    garment,
    stiff:
      (garment !== undefined && STIFF.includes(garment)) ||
      (need?.body?.includes('stiff') ?? false) ||
      details.some((detail) => STIFF_DETAILS.includes(detail)),
    slides: fullNeed({ garment, role: 'lining' }).purposes.includes('slides'),
    stretch: full.stretchWidth[0] >= RELIES_ON_STRETCH ? full.stretchWidth[0] : 0,
    opaque: full.opacity.every((one) => one === 'opaque'),
  }
}
