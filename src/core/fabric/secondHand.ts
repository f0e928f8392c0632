import { shareOf } from './mix'
import { type Offer } from './types'
import { fibresOf } from '../fibres/traits'
import { inCelsius } from '../text/amounts'
import { phrase } from '../text/text'

/** Fibres that moths eat. */

/** Whether moths may come with it when it comes second-hand. Common practice. */
export function mayCarryMoth(offer: Offer): boolean {
  return (
    shareOf(offer, fibresOf('eaten-by-moths')) >= 0.2 || offer.material === 'fur' || offer.material === 'sheepskin'
  )
}

/**
 * What is done with wool from other people's cupboards. A home freezer stands at −18 °C, where clothes-moth eggs want
 * two weeks; three days hold for −30 °C. Common practice in museums and collections, from memory.
 */
export const SECOND_HAND_WOOL = {
  quarantine:
    'Keep it in a closed bag, away from other wool, and check it outdoors: holes, webbing, grit ' +
    'like sand, larvae.',
  freeze: phrase`Freeze it in a closed bag for two weeks at ${inCelsius(-18)}; or for a week, a day at room
    temperature, and a week again. Three days are enough only at ${inCelsius(-30)}.`,
  thaw:
    'Let it come to room temperature in its bag for a day, so that no water settles on it, then shake ' +
    'and brush it.',
} as const

/** What is done with fabric that smells of mould. Common practice. */
export const MOULD = {
  air:
    'Brush the dry mould off outdoors with a mask and gloves, and air it in the sun for a day or ' +
    'two. Then wash it as hot as it tolerates; take what you can’t wash to a cleaner.',
  throwAway:
    'Throw it away where the mould has gone through it, where it tears when you pull it gently, or ' +
    'where it still smells ' +
    'after washing and airing. With asthma or a weak immune system leave mouldy things to others.',
} as const
