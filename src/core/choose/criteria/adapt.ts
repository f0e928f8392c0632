import { isWithoutThreads } from '../../fabric/materialOf'
import { type Offer } from '../../fabric/types'
import { BODIES, OPACITIES } from '../../vocabulary/cloth'
import { type Detail } from '../../vocabulary/choosing'
import { type FullNeed } from '../need/need'

/** Per cent that a net may give across, and g/m² from which there is any. */
const NET_GIVES = 60
const NET_FROM_GSM = 8
/** g/m² that any skin or sheet has. */
const ANY_MATERIAL_GSM = [20, 3500] as const
/** Details over which a net or a lace is laid, or in whose layers it is gathered. */
const NET_BELONGS: readonly Detail[] = ['lined', 'gathers', 'tiers', 'ruffles']

/** What of a fabric changes what is asked of it. */
export type OfferKind = 'cloth' | 'net' | 'material'

export function kindOf(offer: Offer): OfferKind {
  if (isWithoutThreads(offer)) return 'material'
  return offer.construction?.value === 'net' ? 'net' : 'cloth'
}

/** The need as it is asked of such a fabric. */
export function adaptedTo(kind: OfferKind, need: FullNeed): FullNeed {
  if (kind === 'material') return materialNeed(need)
  return kind === 'net' && isLaidOver(need) ? layeredNeed(need) : need
}

/** What is asked of a net whose lining or layers do the rest: no weight, no body and no cover of its own. */
function layeredNeed(need: FullNeed): FullNeed {
  const { gsm, stretchWidth } = need
  return {
    ...need,
    gsm: [NET_FROM_GSM, gsm[1]],
    stretchWidth: [stretchWidth[0], Math.max(stretchWidth[1], NET_GIVES)],
    body: BODIES,
    opacity: OPACITIES,
  }
}

/** A skin or a sheet is judged by what it is good for: spans that were written for cloth say nothing of it. */
function materialNeed(need: FullNeed): FullNeed {
  return { ...need, gsm: ANY_MATERIAL_GSM, body: BODIES, opacity: OPACITIES, anyWeather: true }
}

/** Whether a net would be laid over something here, or gathered in layers. */
export function isLaidOver({ details }: Pick<FullNeed, 'details'>): boolean {
  return details.some((detail) => NET_BELONGS.includes(detail))
}
