import { type Phrase } from '../../text/text'
import { type Offer } from '../../fabric/types'
import { type ComfortClues } from './clues'
import { isLike, type Likeness } from '../../fibres/traits'

/** A matter on which practitioners disagree, and which side was taken. */
export interface School {
  id: string
  picked: string
  text: Phrase
}

/** Where schools disagree about a cloth’s comfort, what was picked and why. */
export function schoolsFor({ mix = [] }: Offer, { regain, openness }: ComfortClues): School[] {
  const has = (likeness: Likeness) =>
    mix.some(({ fibre, fraction }) => isLike(fibre, likeness) && fraction.value > 0.2)
  const found: School[] = []
  if (has('iron-damp')) {
    found.push({
      id: 'linen-breathes',
      picked: 'computed',
      text:
        'Some say that linen breathes less than cotton, others that nothing breathes better. We take ' +
        'neither side, but go by its regain, its weight and how open it is' +
        (openness.value >= 0.5 ? ', and this one is open.' : ', and this one is close.'),
    })
  }
  if (has('regenerated')) {
    found.push({
      id: 'viscose-moisture',
      picked: 'published-regain',
      text:
        'Some say that viscose takes up hardly any moisture because it is man-made, others that it ' +
        'takes up a lot. We go by the published regain (ASTM D1909: 11 % against cotton’s ' +
        `${regain ? '7 to 8.5' : '8.5'} %), so it takes up a lot.`,
    })
  }
  if (has('silken')) {
    found.push({
      id: 'silk-heat',
      picked: 'by-weight',
      text: 'Some call silk cool and others warm. We go by thickness: thin silk is cool and thick silk warm.',
    })
  }
  return found
}
