import { shareOf } from '../fabric/mix'
import { type Offer } from '../fabric/types'
import { type TextWithId } from '../text/text'
import { fibresOf } from '../fibres/traits'

/** Glass in so small a share is a slip of the label. */
const COUNTS = 0.02

/** Why a fabric is not cut, washed or sewn at all; undefined where it may be. */
export function refusalToWork(offer: Offer): TextWithId | undefined {
  if (shareOf(offer, fibresOf('splinters')) < COUNTS) return undefined
  return {
    id: 'glass-fibre',
    text:
      'Do not cut, wash or sew glass fibre: its broken ends and dust harm skin, eyes and lungs, and ' +
      'old heat-resistant fabric may hold asbestos. Put it in a closed bag, and ask your local ' +
      'authority what to do with it.',
  }
}
