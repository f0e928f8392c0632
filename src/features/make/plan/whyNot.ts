import { minutesOf, type Minutes } from '@/core/prepare/minutes'
import { type PlannedStep } from '@/core/prepare/prepare'
import { STEP_KIND_WORDS } from '@/core/prepare/stepWords'
import { type Window } from '@/core/prepare/window'
import { type Dates } from '../../shared/dates'

interface Asked {
  step: Pick<PlannedStep, 'hands' | 'use' | 'kind'>
  /** Where it was to stand. */
  at: Minutes
  now: Minutes
  free: readonly Window[]
  /** What it waits for, as planned. */
  before: readonly Pick<PlannedStep, 'kind' | 'end'>[]
}

/**
 * Why a step cannot begin at a time, as far as the clock and the free hours tell; undefined: as far as that, it
 * can.
 */
export function whyNotThen({ step, at, now, free }: Omit<Asked, 'before'>): string | undefined {
  if (at < now) return 'That time is over.'
  if (step.hands === 0) return undefined
  const window = free.find(({ start, end }) => start <= at && at < end)
  if (!window) return 'You have no free time then.'
  const left = window.end - at
  return left < step.hands ? `It takes ${step.hands} min, and only ${left} min are free then.` : undefined
}

/** Why a step was not planned at the time that it was put at. */
export function whyNot(asked: Asked, { weekdayText }: Pick<Dates, 'weekdayText'>): string {
  const plain = whyNotThen(asked)
  if (plain !== undefined) return plain
  const last = asked.before
    .flatMap(({ kind, end }) => (end === null ? [] : [{ kind, end, at: minutesOf(end) ?? 0 }]))
    .filter(({ at }) => at > asked.at)
    .sort((a, b) => b.at - a.at)[0]
  if (last)
    return (
      `“${STEP_KIND_WORDS[last.kind]}” comes first, and is over on ${weekdayText(last.end)} ` +
      `at ${last.end.slice(11)} at the earliest.`
    )
  if (asked.step.use) return `The ${asked.step.use.of} is in use then.`
  return 'Something else that you put there needs this time.'
}
