import { isCoated } from '../fabric/handling'
import { shareOf } from '../fabric/mix'
import { type Offer } from '../fabric/types'
import { fibresOf, type Likeness } from '../fibres/traits'
import { inCelsius } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** A way of making a stiff cloth softer, or one that people try in vain. Common practice. */
export interface Softening {
  id: string
  text: Phrase
  /** It stays; it goes with the next wash, so that it must be done again; or it does nothing here. */
  lasts: 'stays' | 'washes-out' | 'nothing'
}

interface SofteningRule extends Softening {
  when: (offer: Offer) => boolean
}

const isMostly = (offer: Offer, ...likenesses: readonly Likeness[]) => shareOf(offer, fibresOf(...likenesses)) >= 0.5
const isNotWashed = ({ washed }: Offer) => washed !== true
const mayBeWetted = (offer: Offer) => !isCoated(offer)

export const SOFTENING_RULES: readonly SofteningRule[] = [
  {
    id: 'film-stays-stiff',
    when: isCoated,
    text: 'Only wear softens a film: choose another fabric where it has to drape.',
    lasts: 'nothing',
  },
  {
    id: 'size-washes-out',
    when: (offer) => mayBeWetted(offer) && isMostly(offer, 'cellulose') && isNotWashed(offer),
    text:
      'Soak it in hot water, then wash it: this removes the weaver’s size from the warp, and its ' + 'stiffness too.',
    lasts: 'stays',
  },
  {
    id: 'bast-by-wear',
    when: (offer) => mayBeWetted(offer) && isMostly(offer, 'bast'),
    text:
      'Wash it several times and tumble it until it is only damp: linen and similar fibres soften ' +
      'with each wash, for good.',
    lasts: 'stays',
  },
  {
    id: 'soda-boil',
    when: (offer) =>
      mayBeWetted(offer) &&
      isMostly(offer, 'plant') &&
      !fibresOf('protein').some((one) => shareOf(offer, [one]) > 0.05),
    text:
      'A hot wash with a spoon of washing soda (soda crystals) takes out wax, starch and hard-water ' +
      'soap. Gloves; never on wool or ' +
      'silk, and colours may run.',
    lasts: 'stays',
  },
  {
    id: 'vinegar-rinse',
    when: (offer) => mayBeWetted(offer) && !isMostly(offer, 'acetate'),
    text: 'A splash of white vinegar in the last rinse removes limescale and soap. Never use it near bleach.',
    lasts: 'washes-out',
  },
  {
    id: 'softener-coats',
    when: (offer) => mayBeWetted(offer) && !isMostly(offer, 'protein'),
    text:
      'Fabric softener leaves a film: soft at once, gone after a wash or two, and the fabric takes ' +
      'up less water and less dye. Don’t use it before dyeing, or on towels or nightwear.',
    lasts: 'washes-out',
  },
  {
    id: 'tumble-balls',
    when: (offer) => mayBeWetted(offer) && shareOf(offer, ['cotton', 'polyester']) >= 0.5,
    text: 'Tumbled cool with two clean balls, it gets soft; it goes flat again under the iron.',
    lasts: 'washes-out',
  },
  {
    id: 'silk-soap',
    when: (offer) => mayBeWetted(offer) && isMostly(offer, 'silken'),
    text: phrase`Gum (sericin) left in raw silk comes off in soapy water near the boil, ${inCelsius(90, 95)}, in
      half an hour to an hour: stir gently, and never let it bubble. The silk loses up to a quarter of its
      weight, and its rustle. Test a square first; hot water scalds.`,
    lasts: 'stays',
  },
  {
    id: 'heat-set-stays',
    when: (offer) => isMostly(offer, 'heat-set'),
    text: 'Stiffness set by heat stays: washing removes only what was added.',
    lasts: 'nothing',
  },
]

/** What softens a cloth, and what of it washes out again. */
export function softeningOf(offer: Offer): Softening[] {
  return SOFTENING_RULES.filter(({ when }) => when(offer)).map(({ id, text, lasts }) => ({ id, text, lasts }))
}
