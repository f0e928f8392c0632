import { type Assessment, type MatchVerdict, type Status } from './types'

/** Scores at which a match changes name; ours. */
export const SUITS = 0.75
export const RISKY = 0.5
export const UNSUITABLE = 0.28

/** Below this fit a property that the pattern is drafted on cannot be made good by the others. */
export const FATAL_FIT = 0.2
export const FATAL_IMPORTANCE = 0.8

/** By so much a change to the making must raise a risky match to be worth naming it by that change. */
export const WORTH_CHANGING = 0.1

/** Fits at which one property changes name; ours. */
export const GOOD_FIT = 0.8
export const NEAR_FIT = 0.4

/** How one property meets the need, in a word. */
export function statusOf({ fit }: Pick<Assessment, 'fit'>): Status {
  if (fit === null) return 'unknown'
  if (fit >= GOOD_FIT) return 'good'
  return fit >= NEAR_FIT ? 'near' : 'bad'
}

/**
 * How the whole match is called.
 * @param score 0 … 1 as it stands
 * @param best 0 … 1 with the change to the making that helps most; at least `score`
 */
export function matchVerdictOf(
  score: number,
  assessments: readonly Pick<Assessment, 'fit' | 'importance'>[],
  best: number,
): MatchVerdict {
  const fatal = assessments.some(
    ({ fit, importance }) => fit !== null && fit < FATAL_FIT && importance >= FATAL_IMPORTANCE,
  )
  if (fatal) return 'unsuitable'
  if (score >= SUITS) return 'suits'
  if (best >= SUITS || (score >= RISKY && best >= score + WORTH_CHANGING)) return 'suits-with-changes'
  return score >= UNSUITABLE ? 'risky' : 'unsuitable'
}

/** Whether somebody would make it of this cloth, as it is or with a change to the making. */
export function wouldDo(verdict: MatchVerdict): boolean {
  return verdict === 'suits' || verdict === 'suits-with-changes'
}
