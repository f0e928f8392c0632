import { fibreById } from '../fibres/catalogue'
import { type FullNeed } from './need'
import { type Offer } from '../fabric/types'
import { type Match } from './types'

/** g/m² below which any cellulose burns in a rush; common practice. */
const LIGHT_GSM = 120

const NIGHTWEAR =
  'Nightwear: cotton, linen and viscose that are brushed, piled, light or open catch fire at a touch and burn in a ' +
  'rush. For children’s nightwear and gowns the law asks for cloth that was tested: the Nightwear (Safety) ' +
  'Regulations ' +
  '1985 in the UK, 16 CFR 1615 and 1616 in the US (both from memory). They come before anything said here, as do a ' +
  'theatre’s own rules for whatever is worn near a flame on a stage.'

/** What could hurt whoever wears it. */
export function cautionsFor({ isNightwear }: FullNeed, offer: Offer): Match['cautions'] {
  if (!isNightwear) return []
  const fibres = offer.fibres?.value ?? []
  const mayBeCellulose =
    fibres.length === 0 || fibres.some((id) => ['plant', 'regenerated'].includes(fibreById(id).family))
  const isQuick = offer.isRaisedOrOpen ?? true
  const isLight = offer.gsm !== undefined && offer.gsm.value.value < LIGHT_GSM
  return mayBeCellulose && (isQuick || isLight) ? [{ id: 'nightwear-flames', text: NIGHTWEAR }] : []
}
