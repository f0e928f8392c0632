import { type MadeBetween } from '../types'

/** Whether the years are the wrong way round, so that nothing could have been made between them. */
export function yearsCrossed({ after, before }: MadeBetween): boolean {
  return after !== undefined && before !== undefined && after >= before
}
