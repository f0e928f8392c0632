import { type RemedyRule } from './remedies'
import { scoreOf } from './score'
import { SUITS } from './steps'
import { type Assessment, type Remedy, type Rescue } from './types'

/** What a change has to add to the score to be worth its name. */
const WORTH = 0.01
/** So many changes to one making are a different making; and so many rules are tried together. */
const MOST_TOGETHER = 3
const MOST_TRIED = 8

/** Assessments after some changes are made: what they mend, and what they make worse. */
export function rescuedBy(rules: readonly RemedyRule[], assessments: readonly Assessment[]): Assessment[] {
  return assessments.map((assessment) =>
    rules.reduce((one, rule) => {
      const fit = rule.rescues(assessment)
      const worse = rule.worsens?.(assessment)
      const better = fit === undefined || (one.fit !== null && fit <= one.fit) ? one : { ...one, fit }
      return worse === undefined || better.fit === null ? better : { ...better, fit: Math.min(better.fit, worse) }
    }, assessment),
  )
}

/** Each change by itself, what helps most first. */
export function rescues(rules: readonly RemedyRule[], assessments: readonly Assessment[], score: number): Remedy[] {
  return rules
    .map((rule) => {
      const { id, text, costs } = rule
      const isWorse = assessments.some((one) => rule.worsens?.(one) !== undefined)
      return { id, text, scoreAfter: scoreOf(rescuedBy([rule], assessments)), ...(isWorse && costs && { costs }) }
    })
    .filter(({ scoreAfter }) => scoreAfter > score + WORTH)
    .sort((a, b) => b.scoreAfter - a.scoreAfter)
}

/** The cheapest changes that together bring it to where it suits; null where none do, or none are needed. */
export function together(
  rules: readonly RemedyRule[],
  assessments: readonly Assessment[],
  score: number,
): Rescue | null {
  if (score >= SUITS) return null
  const helping = rules
    .filter((rule) => scoreOf(rescuedBy([rule], assessments)) > score + WORTH)
    .toSorted((a, b) => a.effort - b.effort)
    .slice(0, MOST_TRIED)
  const sets = subsets(helping, MOST_TOGETHER)
    .map((set) => ({ set, effort: set.reduce((sum, rule) => sum + rule.effort, 0) }))
    .sort((a, b) => a.effort - b.effort || a.set.length - b.set.length)
  for (const { set } of sets) {
    const scoreAfter = scoreOf(rescuedBy(set, assessments))
    if (scoreAfter < SUITS) continue
    const worse = set.filter((rule) => rule.costs && assessments.some((one) => rule.worsens?.(one) !== undefined))
    const text = [...set.map((rule) => rule.text), ...worse.map((rule) => rule.costs!)].join(' ')
    return { ids: set.map(({ id }) => id), text, scoreAfter }
  }
  return null
}

function subsets<T>(list: readonly T[], most: number): T[][] {
  const all: T[][] = []
  const extend = (set: T[], from: number) => {
    for (let i = from; i < list.length; i++) {
      const next = [...set, list[i]!]
      all.push(next)
      if (next.length < most) extend(next, i + 1)
    }
  }
  extend([], 0)
  return all
}
