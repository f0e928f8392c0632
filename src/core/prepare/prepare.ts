import { type Household, type Load } from './loads'
import { writtenAt, type Minutes } from './minutes'
import { atPace } from './pace'
import {
  scheduleInTurn,
  lowerBound,
  mergeWindows,
  pathTo,
  schedule,
  type Schedule,
  type Timed,
  type Window,
} from './schedule'
import { type PlannedProject, type Step } from './step'
import { preparationStepsOf } from './steps'
import { type PiecePlanned } from './washing'
import { itemAt, mustHave } from '../lists/items'
import { type TextWithId } from '../text/text'

/** What is made of which cloths, and how far it is. */
export interface Undertaking {
  pieces: readonly PiecePlanned[]
  project: PlannedProject | null
  /** Steps that are behind, by their ids. */
  done?: readonly string[]
  /** Steps that were put off, until when. */
  notBefore?: ReadonlyMap<string, Minutes>
}

/** What all undertakings share. */
export interface Shared {
  household: Household
  free: readonly Window[]
  schools: Readonly<Record<string, string>>
  /** How much longer the person takes than is planned; 1 where left out. */
  pace?: number
}

/** A step with its time, as the person's clock shows it; null where it found none. */
export type PlannedStep = Omit<Step, 'use' | 'soon'> & { start: string | null; end: string | null }

export interface PreparationPlan {
  steps: PlannedStep[]
  loads: Load[]
  criticalPath: string[]
  finish: string | null
  unscheduled: string[]
  warnings: TextWithId[]
}

/** Where nobody said how long they have, a session is no longer, minutes. */
const USUAL_SESSION = 90

/**
 * From cloth that was brought home to a plan: what is done to it, in loads, in the hours that there are.
 * @param chance uniform in [0, 1)
 */
export function planPreparation(one: Undertaking, shared: Shared, chance: () => number): PreparationPlan {
  return itemAt(planPreparations([one], shared, chance), 0)
}

/**
 * Plans of several undertakings in the same hours, with one washer, one dryer and one line, in their order.
 * @param chance uniform in [0, 1)
 */
export function planPreparations(
  undertakings: readonly Undertaking[],
  { household, free, schools, pace = 1 }: Shared,
  chance: () => number,
): PreparationPlan[] {
  const windows = mergeWindows(free)
  const longest = windows.length > 0 ? Math.max(...windows.map(({ start, end }) => end - start)) : USUAL_SESSION
  const own = undertakings.map(({ pieces, project, done = [] }) => {
    // Long work is cut so that it finds room at this person's pace.
    const { steps, loads, warnings } = preparationStepsOf(pieces, project, household, schools, longest / pace)
    const left = steps.filter(({ id }) => !done.includes(id))
    return { steps: left.map((one) => ({ ...one, hands: paced(one.hands, pace, longest) })), loads, warnings }
  })
  // Ids are an undertaking's own: among all they need a number before them.
  const inAll = (index: number, id: string) => `${index} ${id}`
  const all = own.flatMap(({ steps }, i) =>
    steps.map((step) => ({ ...step, id: inAll(i, step.id), after: step.after.map((id) => inAll(i, id)) })),
  )
  const notBefore = new Map(
    undertakings.flatMap((one, i) => [...(one.notBefore ?? [])].map(([id, at]) => [inAll(i, id), at] as const)),
  )
  const turns = new Map(own.flatMap(({ steps }, i) => steps.map(({ id }) => [inAll(i, id), i] as const)))
  const areSeveral = undertakings.length > 1
  const oneByOne = areSeveral
    ? scheduleInTurn(all, free, household, (id) => mustHave(turns.get(id)), notBefore)
    : undefined
  const isFair = oneByOne && isNear(oneByOne, lowerBound(all, free), windows[0]?.start ?? 0)
  const { timed } = isFair ? oneByOne : schedule(all, free, household, chance, notBefore)
  const times = new Map(timed.map((one) => [one.id, one]))
  return own.map(({ steps, loads, warnings }, i) => {
    const mine = new Map(
      steps.flatMap((step) => {
        const at = times.get(inAll(i, step.id))
        return at ? [[step.id, { ...step, start: at.start, end: at.end }] as const] : []
      }),
    )
    return planOf(steps, mine, loads, warnings)
  })
}

/** Minutes at a pace, within the longest time that there is where they were before. */
function paced(hands: number, pace: number, longest: number): number {
  return Math.min(atPace(hands, pace), Math.max(hands, longest))
}

/** So much later than the least the last may end, for the first to be done early: a share of the whole, or minutes. */
const [LATER, LATER_MINUTES] = [0.15, 4 * 24 * 60]

function isNear({ finish, unscheduled }: Schedule, least: Minutes | null, begin: Minutes): boolean {
  if (unscheduled.length > 0 || finish === null || least === null) return false
  const shortest = least - begin
  return finish - begin <= shortest + Math.max(LATER * shortest, LATER_MINUTES)
}

function planOf(
  steps: readonly Step[],
  times: ReadonlyMap<string, Timed>,
  loads: Load[],
  warnings: PreparationPlan['warnings'],
): PreparationPlan {
  const unscheduled = steps.flatMap(({ id }) => (times.has(id) ? [] : [id]))
  const finish = times.size > 0 ? Math.max(...[...times.values()].map(({ end }) => end)) : null
  const late = {
    id: 'too-little-time',
    text: `There is no time for ${unscheduled.length} of ${steps.length} steps: add more free time.`,
  }
  return {
    steps: inOrder(steps, times).map((one) => toldOf(one, times.get(one.id))),
    loads,
    criticalPath: pathTo([...times.values()], times),
    finish: finish === null ? null : writtenAt(finish),
    unscheduled,
    warnings: unscheduled.length > 0 ? [...warnings, late] : warnings,
  }
}

function inOrder(steps: readonly Step[], times: ReadonlyMap<string, Timed>): Step[] {
  return [...steps].sort((a, b) => (times.get(a.id)?.start ?? Infinity) - (times.get(b.id)?.start ?? Infinity) || 0)
}

function toldOf(one: Step, timed: Timed | undefined): PlannedStep {
  const { id, kind, pieces, text, why, risk, hands, wait, after } = one
  return {
    ...{ id, kind, pieces, text, why, risk, hands, wait, after },
    start: timed ? writtenAt(timed.start) : null,
    end: timed ? writtenAt(timed.end) : null,
  }
}
