import { fibreById } from '../fibres/catalogue'
import { type Garment } from '../vocabulary/choosing'
import { type TextWithId } from '../text/text'
import { type FullNeed } from './need/need'
import { type Offer } from '../fabric/types'
import { isLike } from '../fibres/traits'

/** g/m² below which any cellulose burns in a rush; common practice. */
const LIGHT_GSM = 120

/** Worn on a stage, or full and trailing, so that they reach a candle or a footlight before anybody sees it. */
const NEAR_FLAMES: readonly Garment[] = ['tutu', 'cloak', 'cape', 'doublet', 'tabard', 'puppet-clothes', 'gown']

/** Nobody stands in these beside a cooker. */
const NOT_WORN: readonly Garment[] = [
  ...(['bag', 'cushion', 'curtain', 'duvet-cover', 'napkin', 'pillowcase', 'pouch', 'quilt', 'roman-blind'] as const),
  ...(['rucksack', 'tablecloth', 'towel', 'hat', 'toile', 'stage-drape'] as const),
]

interface FlameRule extends TextWithId {
  when: (about: { need: FullNeed; garment: Garment | undefined; offer: Offer }) => boolean
}

/** What could hurt whoever wears it or sits beside it. Common practice; local codes come first. */
export const FLAME_RULES: readonly FlameRule[] = [
  {
    id: 'nightwear-flames',
    when: ({ need, offer }) =>
      need.isNightwear === true && mayBeCellulose(offer) && ((offer.isRaisedOrOpen ?? true) || isLight(offer)),
    text:
      'Nightwear: brushed, piled, light or open cotton, linen and viscose catch fire at a touch and ' +
      'burn fast. For children’s nightwear and gowns the law asks for tested fabric: the Nightwear ' +
      '(Safety) Regulations 1985 in the UK, 16 CFR 1615 and 1616 in the US (both from memory). They ' +
      'come before our advice, as do a theatre’s own rules for anything worn near a flame on a stage.',
  },
  {
    id: 'costume-flames',
    when: ({ garment, offer }) => isOneOf(garment, NEAR_FLAMES) && !resistsFlame(offer),
    text:
      'Costume: keep it away from candles, footlights and smokers. Full, light or brushed fabric catches fire before ' +
      'its wearer sees it, and synthetics melt onto skin. A theatre’s rules and your local fire code decide which ' +
      'fabric and which flame-retardant treatment may go on a stage.',
  },
  {
    id: 'hanging-flames',
    when: ({ garment, offer }) => garment === 'stage-drape' && !resistsFlame(offer),
    text:
      'Stage drapes must be flame-retardant in most places, with a certificate. Ask the theatre and ' +
      'the fire authority before you hang it; repeat a treatment that washes out.',
  },
  {
    id: 'surface-flash',
    when: ({ need, garment, offer }) =>
      garment !== undefined &&
      !need.isNightwear &&
      !NOT_WORN.includes(garment) &&
      mayBeCellulose(offer) &&
      isFluffy(offer),
    text:
      'Surface flash: a flame can run across the fluff of brushed or looped cotton and viscose in a ' +
      'second. Keep loose ' +
      'sleeves and hems away from cookers, heaters and candles.',
  },
  {
    id: 'glass-dust',
    when: ({ offer }) => (offer.fibres?.value ?? []).some((id) => isLike(id, 'splinters')),
    text:
      'Glass fibre: do not cut, sew, wash or wear it. Its broken ends harm skin, eyes and lungs, and ' +
      'old heat-resistant fabric may hold asbestos. Don’t cut it; bag it, and ask your local ' +
      'authority.',
  },
]

/** What could hurt whoever wears it. */
export function cautionsFor(need: FullNeed, garment: Garment | undefined, offer: Offer): TextWithId[] {
  return FLAME_RULES.filter(({ when }) => when({ need, garment, offer })).map(({ id, text }) => ({ id, text }))
}

const isOneOf = (garment: Garment | undefined, list: readonly Garment[]) =>
  garment !== undefined && list.includes(garment)

function mayBeCellulose(offer: Offer): boolean {
  const fibres = offer.fibres?.value ?? []
  return fibres.length === 0 || fibres.some((id) => ['plant', 'regenerated'].includes(fibreById(id).family))
}

const isLight = ({ gsm }: Offer) => gsm !== undefined && gsm.value.value < LIGHT_GSM

/** Brushed, piled or looped, so that air stands between its fibres. */
function isFluffy({ isBrushed = false, interlacing }: Offer): boolean {
  return isBrushed || interlacing === 'pile'
}

/** Wool, hair and modacrylic go out by themselves, as a rule; no proof of anything. */
function resistsFlame(offer: Offer): boolean {
  const fibres = offer.fibres?.value ?? []
  return fibres.length > 0 && fibres.every((id) => isLike(id, 'goes-out'))
}
