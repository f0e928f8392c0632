import { type Phrase } from '../text/text'
import { careOf } from '../fabric/care'
import { handlingOf, isCoated } from '../fabric/handling'
import { shareOf } from '../fabric/mix'
import { type Offer } from '../fabric/types'
import { fibresOf } from '../fibres/traits'

/** Another way of giving an old cloth a new face, and how this cloth suits it. */
export interface SurfaceWay {
  id: string
  title: string
  text: Phrase
  suits: 'well' | 'with-care' | 'not'
}

interface WayRule {
  id: string
  title: string
  text: Phrase
  suits: (offer: Offer) => SurfaceWay['suits']
}

const bears = (isIt: boolean, elseWith: SurfaceWay['suits'] = 'not'): SurfaceWay['suits'] =>
  isIt ? 'well' : elseWith
const isSmooth = (offer: Offer) => !handlingOf(offer).some((one) => one === 'pile' || one === 'bulky')

/** Common practice, from memory; the maker’s instructions of each paint, glue and dye come first. */
const WAYS: readonly WayRule[] = [
  {
    id: 'natural-dye',
    title: 'Natural dyes (a craft of its own)',
    text:
      'Scour it, mordant it with alum (plant fibres with a tannin first), then simmer it with the ' +
      'plant. Colours are soft, vary between baths, and fade sooner. Copper, chrome and tin mordants ' +
      'are poisonous: don’t use them.',
    suits: (offer) =>
      shareOf(offer, fibresOf('protein')) >= 0.8
        ? 'well'
        : shareOf(offer, [...fibresOf('cellulose'), ...fibresOf('protein')]) >= 0.8
          ? 'with-care'
          : 'not',
  },
  {
    id: 'over-print',
    title: 'Printing (block, stencil, screen)',
    text:
      'Pigment in a binder sticks to any fibre that tolerates the iron that sets it; it stiffens the ' + 'fabric.',
    suits: (offer) => (isCoated(offer) || !isSmooth(offer) ? 'not' : bears(careOf(offer).ironDots >= 2, 'with-care')),
  },
  {
    id: 'paint',
    title: 'Painting',
    text:
      'Thinned textile paint on close, light fabric, stretched on a frame; iron it from behind once ' + 'it is dry.',
    suits: (offer) =>
      isCoated(offer) || !isSmooth(offer) ? 'not' : bears(offer.construction?.value === 'woven', 'with-care'),
  },
  {
    id: 'patch',
    title: 'Patching',
    text: 'A patch as heavy as the fabric or a little lighter, washed as often, with matching grain.',
    suits: (offer) => bears(offer.construction?.value !== 'net', 'with-care'),
  },
  {
    id: 'quilt',
    title: 'Quilting',
    text: 'Two fabrics with wadding between: stitches hide stains, and thin fabric gets warm.',
    suits: (offer) => ((offer.gsm?.value.value ?? 150) > 260 ? 'not' : bears(isSmooth(offer), 'with-care')),
  },
  {
    id: 'weave-strips',
    title: 'Weaving or plaiting strips',
    text: 'Torn or cut into strips it makes rugs and baskets; fabric that frays needs wider strips, turned in.',
    suits: (offer) => bears(!handlingOf(offer).some((one) => one === 'coated' || one === 'sheer'), 'with-care'),
  },
]

const ORDER: readonly SurfaceWay['suits'][] = ['well', 'with-care', 'not']

/** Ways beside dyeing, those first that suit this cloth. */
export function furtherWays(offer: Offer): SurfaceWay[] {
  return WAYS.map(({ suits, ...way }) => ({ ...way, suits: suits(offer) })).sort(
    (a, b) => ORDER.indexOf(a.suits) - ORDER.indexOf(b.suits),
  )
}
