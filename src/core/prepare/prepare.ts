import { type Household, type Load } from './loads'
import { writtenAt, type Minutes } from './minutes'
import { merged, schedule, type Timed, type Window } from './schedule'
import { type Project, type Step } from './step'
import { stepsOf } from './steps'
import { type PiecePlanned } from './washing'

export interface PrepareAsked {
  pieces: readonly PiecePlanned[]
  project: Project | null
  household: Household
  free: readonly Window[]
  schools: Readonly<Record<string, string>>
  /** Steps that are behind, by their ids. */
  done?: readonly string[]
  /** Steps that were put off, until when. */
  notBefore?: ReadonlyMap<string, Minutes>
}

/** A step with its time, as the person's clock shows it; null where it found none. */
export type PlannedStep = Omit<Step, 'use' | 'soon'> & { start: string | null; end: string | null }

export interface Plan {
  steps: PlannedStep[]
  loads: Load[]
  criticalPath: string[]
  finish: string | null
  unscheduled: string[]
  warnings: { id: string; text: string }[]
}

/** Where nobody said how long they have, a session is no longer, minutes. */
const USUAL_SESSION = 90

/**
 * From cloth that was brought home to a plan: what is done to it, in loads, in the hours that there are.
 * @param chance uniform in [0, 1)
 */
export function prepared(
  { pieces, project, household, free, schools, done = [], notBefore = new Map() }: PrepareAsked,
  chance: () => number,
): Plan {
  const windows = merged(free)
  const longest = windows.length > 0 ? Math.max(...windows.map(({ start, end }) => end - start)) : USUAL_SESSION
  const all = stepsOf(pieces, project, household, schools, longest)
  const { loads, warnings } = all
  const steps = all.steps.filter(({ id }) => !done.includes(id))
  const { timed, unscheduled, criticalPath, finish } = schedule(steps, free, household, chance, notBefore)
  const times = new Map(timed.map((one) => [one.id, one]))
  if (unscheduled.length > 0)
    warnings.push({
      id: 'too-little-time',
      text: `${unscheduled.length} of ${steps.length} steps found no time: give more hours.`,
    })
  return {
    steps: inOrder(steps, times).map((one) => toldOf(one, times.get(one.id))),
    loads,
    criticalPath,
    finish: finish === null ? null : writtenAt(finish),
    unscheduled,
    warnings,
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
