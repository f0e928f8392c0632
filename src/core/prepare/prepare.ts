import { type Household, type Load } from './loads'
import { writtenAt, type Minutes } from './minutes'
import { atPace } from './pace'
import { latenessOf, turnsOf, type DueDate } from './priority'
import { scheduleInTurn, lowerBound, pathTo, schedule, type Schedule, type Timed, type StepWishes } from './schedule'
import { type PlannedProject, type Step } from './step'
import { preparationStepsOf } from './steps'
import { joinTrips } from './trip'
import { type PiecePlanned } from './washing'
import { mergeWindows, type Window } from './window'
import { itemAt, mustHave } from '../lists/items'
import { type TextWithId } from '../text/text'

/** What is made of which cloths, and how far it is. */
export interface Undertaking extends DueDate, StepWishes {
  pieces: readonly PiecePlanned[]
  project: PlannedProject | null
  /** Steps that are behind, by their ids. */
  done?: readonly string[]
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
export type PlannedStep = Omit<Step, 'soon'> & { start: string | null; end: string | null }

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
  const { steps: joined, tripOf, apart } = joinTrips(all, longest)
  const saidOf = (of: keyof StepWishes) =>
    new Map(
      undertakings.flatMap((one, i) =>
        [...(one[of] ?? [])].map(([id, at]) => [tripOf.get(inAll(i, id)) ?? inAll(i, id), at] as const),
      ),
    )
  const wishes = { notBefore: saidOf('notBefore'), placed: saidOf('placed') }
  const timed = apart(inTheHours(undertakings, joined, { free, household, windows }, wishes, chance).timed)
  const times = new Map(timed.map((one) => [one.id, one]))
  return own.map(({ steps, loads, warnings }, i) => {
    const mine = new Map(
      steps.flatMap((step) => {
        const at = times.get(inAll(i, step.id))
        return at ? [[step.id, { ...step, hands: at.hands, start: at.start, end: at.end }] as const] : []
      }),
    )
    const told = steps.map((step) => mine.get(step.id) ?? step)
    return planOf(told, mine, loads, warnings)
  })
}

interface Hours {
  free: readonly Window[]
  household: Household
  windows: readonly Window[]
}

/** One after another where that costs little or somebody said what comes first; else in the order that ends first. */
function inTheHours(
  undertakings: readonly Undertaking[],
  steps: readonly Step[],
  { free, household, windows }: Hours,
  wishes: StepWishes,
  chance: () => number,
): Schedule {
  const turns = turnsOf(undertakings)
  const indexOf = (id: string) => Number(id.replace(/^trip /, '').split(' ', 1)[0])
  const lateness = (timed: readonly Timed[]) => {
    const ends = undertakings.map((): Minutes | null => null)
    for (const { id, end } of timed) ends[indexOf(id)] = Math.max(ends[indexOf(id)] ?? end, end)
    return latenessOf(undertakings, ends)
  }
  const isAsked = undertakings.some(({ wish, priority = 'usual' }) => wish != null || priority !== 'usual')
  if (undertakings.length > 1) {
    const oneByOne = scheduleInTurn(steps, free, household, (id) => mustHave(turns[indexOf(id)]), wishes)
    const isFair = isNear(oneByOne, lowerBound(steps, free), windows[0]?.start ?? 0)
    const isOnTime = oneByOne.unscheduled.length === 0 && lateness(oneByOne.timed) === 0
    if (isAsked ? isOnTime : isFair) return oneByOne
    const freely = schedule(steps, free, household, chance, wishes, lateness)
    if (!isAsked) return freely
    // What found no time is late for good: it counts before any lateness of what did.
    const missing = freely.unscheduled.length - oneByOne.unscheduled.length
    const isBetter = missing < 0 || (missing === 0 && lateness(freely.timed) < lateness(oneByOne.timed))
    return isBetter ? freely : oneByOne
  }
  return schedule(steps, free, household, chance, wishes, lateness)
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
  const { id, kind, pieces, text, why, risk, hands, wait, after, use } = one
  return {
    ...{ id, kind, pieces, text, why, risk, hands, wait, after, use },
    start: timed ? writtenAt(timed.start) : null,
    end: timed ? writtenAt(timed.end) : null,
  }
}
