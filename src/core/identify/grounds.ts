import { hypotheses } from './hypotheses'
import { commonReporter, type Reporter } from './reporter'
import { type Hypothesis, type MadeBetween } from './types'

/** What a judgement rests on before anything is seen: what the cloth could be, and how this person reports. */
export interface Grounds {
  /** With priors that sum to 1. */
  hypotheses: readonly Hypothesis[]
  reporter: Reporter
  /** Between which years it was made, where that is known. */
  made?: MadeBetween | undefined
}

/** A cloth of which nothing is known, and a careful beginner. */
export const commonGrounds: Grounds = { hypotheses, reporter: commonReporter }
