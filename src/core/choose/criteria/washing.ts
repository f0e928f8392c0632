import { careOf } from '../../fabric/care'
import { materialOf } from '../../fabric/materialOf'
import { IMPORTANCE } from '../fit/weights'
import { type Criterion } from './criterion'

/** Washed before it is cut; a skin or a sheet never is. */
export const WASHING: Criterion = {
  id: 'washing',
  reads: ({ washed }) => String(washed === false),
  judge: (_need, offer) => {
    if (offer.washed !== false || materialOf(offer)?.washCelsius === null) return undefined
    const isDryCleaned = offer.fibres !== undefined && careOf(offer).washCelsius === null
    const text = isDryCleaned
      ? 'Not shrunk yet: have it steamed, as a dry-cleaner would, before you cut.'
      : 'Not washed yet: wash and dry it as you will the garment, before you cut.'
    return { property: 'washing', importance: IMPORTANCE.washing, fit: 0.4, certainty: 1, miss: null, text }
  },
}
