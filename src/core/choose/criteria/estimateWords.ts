import { type HowKnown } from '../../fabric/types'

/** What follows a value that was only worked out from what the fabric is called. */
export function estimateWords(how: HowKnown): string {
  return how === 'estimated' ? ' (estimated from its name)' : ''
}
