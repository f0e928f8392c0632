import { type RemedyRule } from './remedies'
import { SUITS } from './fit/steps'
import { UNKNOWN_FIT } from './fit/score'
import { type Assessment, type Remedy, type Rescue } from './fit/types'
import { itemAt } from '../lists/items'
import { joinTexts } from '../text/text'

/** What a change has to add to the score to be worth its name. */
const WORTH = 0.01
/** So many changes to one making are a different making; and so many rules are tried together. */
const MOST_TOGETHER = 3
const MOST_TRIED = 8

/** What one change does to the fits, by the place of the assessment. */
export interface RemedyEffect {
  rule: RemedyRule
  changes: readonly { at: number; better?: number; worse?: number }[]
  isWorse: boolean
  /** The score after this change alone. */
  scoreAfter: number
}

/** What each change would do, worked out once. */
export function effectsOf(rules: readonly RemedyRule[], assessments: readonly Assessment[]): RemedyEffect[] {
  return rules.map((rule) => {
    const changes = assessments.flatMap((assessment, at) => {
      const [better, worse] = [rule.rescues(assessment), rule.worsens?.(assessment)]
      return better === undefined && worse === undefined ? [] : [{ at, better, worse }]
    })
    const effect = { rule, changes, isWorse: changes.some(({ worse }) => worse !== undefined) }
    return { ...effect, scoreAfter: scoreAfter([effect], assessments) }
  })
}

/** The score once some changes are made: what they mend, and what they make worse. */
function scoreAfter(effects: readonly Pick<RemedyEffect, 'changes'>[], assessments: readonly Assessment[]): number {
  const fits = assessments.map(({ fit }) => fit)
  for (const { changes } of effects) {
    for (const { at, better, worse } of changes) {
      const fit = itemAt(fits, at)
      if (better !== undefined && (fit === null || better > fit)) fits[at] = better
      const now = itemAt(fits, at)
      if (worse !== undefined && now !== null) fits[at] = Math.min(now, worse)
    }
  }
  return assessments.reduce(
    (score, { importance }, at) => score * (1 - importance * (1 - (fits[at] ?? UNKNOWN_FIT))),
    1,
  )
}

/** Each change by itself, what helps most first. */
export function findRescues(effects: readonly RemedyEffect[], score: number): Remedy[] {
  return effects
    .filter((effect) => effect.scoreAfter > score + WORTH)
    .map(({ rule: { id, text, costs }, isWorse, scoreAfter: after }) => ({
      id,
      text,
      scoreAfter: after,
      ...(isWorse && costs && { costs }),
    }))
    .sort((a, b) => b.scoreAfter - a.scoreAfter)
}

/** The cheapest changes that together bring it to where it suits; null where none do, or none are needed. */
export function combineRescues(
  effects: readonly RemedyEffect[],
  assessments: readonly Assessment[],
  score: number,
): Rescue | null {
  if (score >= SUITS) return null
  const helping = effects
    .filter((effect) => effect.scoreAfter > score + WORTH)
    .toSorted((a, b) => a.rule.effort - b.rule.effort || b.scoreAfter - a.scoreAfter)
    .slice(0, MOST_TRIED)
  const effortOf = (set: readonly RemedyEffect[]) => set.reduce((sum, { rule }) => sum + rule.effort, 0)
  const sets = subsets(helping, MOST_TOGETHER).sort((a, b) => effortOf(a) - effortOf(b) || a.length - b.length)
  for (const set of sets) {
    const after = scoreAfter(set, assessments)
    if (after < SUITS) continue
    const worse = set.flatMap(({ rule, isWorse }) => (isWorse && rule.costs ? [rule.costs] : []))
    const text = joinTexts([...set.map(({ rule }) => rule.text), ...worse])
    return { ids: set.map(({ rule }) => rule.id), text, scoreAfter: after }
  }
  return null
}

function subsets<T>(list: readonly T[], most: number): T[][] {
  const all: T[][] = []
  const extend = (set: T[], from: number) => {
    for (let i = from; i < list.length; i++) {
      const next = [...set, itemAt(list, i)]
      all.push(next)
      if (next.length < most) extend(next, i + 1)
    }
  }
  extend([], 0)
  return all
}
