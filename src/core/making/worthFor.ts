import { countNoun } from '../units/format'
import { type UsedUp } from './leastLost'
import { inMetres } from '../text/amounts'
import { type Phrase, phrase } from '../text/text'

/** A shop’s usual width, and the share of a length that is not lost between the pieces; common practice. */
const [SHOP_WIDTH_MM, DENSITY] = [1400, 0.75]
/** Minutes of taking apart that a metre of bought cloth is worth; ours. */
const WORTH_MINUTES = 75
const LIKED_MINUTES = 140

export interface WorthFor {
  id: 'worth-it' | 'if-you-like-it' | 'not-for-this' | 'does-not-do'
  text: Phrase
}

/**
 * Whether taking things apart is worth it for a pattern: its minutes against the cloth that would be bought instead.
 * @param minutes of taking apart; 0 where nothing has to be
 * @returns undefined where nothing has to be taken apart
 */
export function worthFor(
  minutes: number,
  { fits, left, needsMm2 }: Pick<UsedUp, 'fits' | 'left' | 'needsMm2'>,
): WorthFor | undefined {
  if (minutes === 0) return undefined
  const metres = needsMm2 / DENSITY / SHOP_WIDTH_MM / 1000
  const work = `${Math.round(minutes)} min to take it apart`
  if (!fits)
    return {
      id: 'does-not-do',
      text: `Not for this: after ${work}, ${countNoun(left, 'piece is', 'pieces are')} still without fabric.`,
    }
  const spared = phrase`${work} saves about ${inMetres(Math.round(metres * 10) / 10)} of fabric`
  const perMetre = minutes / metres
  if (perMetre <= WORTH_MINUTES) return { id: 'worth-it', text: phrase`Worth it: ${spared}.` }
  if (perMetre <= LIKED_MINUTES)
    return { id: 'if-you-like-it', text: phrase`Worth it for a fabric that you like: ${spared}.` }
  return { id: 'not-for-this', text: phrase`Not worth it for this alone: ${spared}.` }
}
