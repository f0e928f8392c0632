import { withPieceNames } from '@/core/text/text'
import { paceOf } from '@/core/prepare/pace'
import { minutesOf, type Minutes } from '@/core/prepare/minutes'
import { type PlannedStep, type Undertaking } from '@/core/prepare/prepare'
import { type Window } from '@/core/prepare/window'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { listPatterns } from '@/server/records/patterns'
import { listProjects } from '@/server/records/projects'
import { shelfOf } from '@/server/cache/shelf'
import { readWorkroom } from '@/server/records/workroom'
import { asPlanned } from './asPlanned'
import { freeTimes } from './freeTimes'
import { planAllProjects } from './planAllProjects'
import { itemAt } from '@/core/lists/items'

/**
 * What is to be planned: the projects that are not done, those begun first, in the same hours; and the one that is
 * asked for.
 * @param projectId left out: none in particular
 */
async function readTask(words: Vocabulary, now: Minutes, projectId?: string) {
  const db = await notebook()
  const [projects, shelf, patterns, { isAsked, workroom }] = await Promise.all([
    listProjects(db),
    shelfOf(db, words),
    listPatterns(db),
    readWorkroom(db),
  ])
  const open = projects.filter(({ project }) => project.data.finished === null || project.id === projectId)
  const [first, waiting] = planAllProjects(open, projectId)
  const all = first.map(({ project: { id, data }, cloths }) => {
    const need = patterns.find((one) => one.id === data.patternId)?.need
    const gists = cloths.flatMap(({ data: { pieceId } }) => (pieceId ? (shelf.find(pieceId) ?? []) : []))
    const undertaking: Undertaking = {
      pieces: gists.map(asPlanned),
      project: { ...(need?.garment && { garment: need.garment }), details: need?.details ?? [] },
      done: data.ticked,
      notBefore: timesOf(data.putOff.map(({ id: step, until }) => [step, until])),
      placed: timesOf(data.placed.map(({ id: step, at }) => [step, at])),
      wish: data.wishDate === null ? null : (minutesOf(`${data.wishDate}T23:59`) ?? null),
      priority: data.priority,
    }
    return { id, data, gists, undertaking: data.finished === null ? undertaking : NOTHING }
  })
  const shared = {
    household: workroom.household,
    free: freeTimes(now, workroom),
    schools: workroom.schools,
    pace: paceOf(projects.flatMap(({ project }) => project.data.took)),
  }
  return { all, shared, isAsked, once: workroom.once, waiting }
}

function timesOf(said: readonly (readonly [id: string, written: string])[]): Map<string, Minutes> {
  return new Map(
    said.flatMap(([id, written]) => {
      const at = minutesOf(written)
      return at === undefined ? [] : [[id, at] as const]
    }),
  )
}

/**
 * Plans of the projects that are not done, from now on, in the same hours; and of the one that is asked for.
 * @returns and those that are not planned yet, since there are too many; when there is time; what was said of single
 * days
 */
export async function loadPlans(words: Vocabulary, now: Minutes, projectId?: string) {
  const { all, shared, isAsked, once, waiting } = await readTask(words, now, projectId)
  const plans = await runJob('planTogether', { undertakings: all.map(({ undertaking }) => undertaking), shared })
  const told = all.map(({ id, data, gists }, i) => {
    const names = Object.fromEntries(gists.map((gist) => [gist.id, gist.name]))
    const plan = itemAt(plans, i)
    return {
      id,
      name: data.name,
      isAsked,
      others: all.length - 1,
      hasCloth: gists.length > 0,
      pace: shared.pace,
      names,
      done: data.ticked,
      /** Steps that keep the time that they were put at. */
      placed: data.placed.flatMap(({ id: step, at }) =>
        plan.steps.some((one) => one.id === step && one.start === at) ? [step] : [],
      ),
      wishDate: data.wishDate,
      priority: data.priority,
      ...plan,
      warnings: plan.warnings.map(({ id: rule, text }) => ({ id: rule, text: withPieceNames(text, names) })),
    }
  })
  return {
    now,
    free: shared.free,
    once,
    plans: told,
    waiting: waiting.map(({ project: { id, data } }) => ({ id, name: data.name })),
  }
}

/**
 * The plans if a step stood at a time, for whoever wants to put it there.
 * @returns the step as it would then be planned, and what it waits for; undefined where there is no such step
 */
export async function planWith(
  words: Vocabulary,
  now: Minutes,
  { projectId, stepId, at }: { projectId: string; stepId: string; at: Minutes },
): Promise<{ step: PlannedStep; before: PlannedStep[]; free: Window[] } | undefined> {
  const { all, shared } = await readTask(words, now, projectId)
  const index = all.findIndex(({ id }) => id === projectId)
  const undertakings = all.map(({ undertaking }, i) =>
    i === index ? { ...undertaking, placed: new Map([...(undertaking.placed ?? []), [stepId, at]]) } : undertaking,
  )
  const steps = (await runJob('planTogether', { undertakings, shared }))[index]?.steps ?? []
  const step = steps.find(({ id }) => id === stepId)
  if (!step) return undefined
  return { step, before: steps.filter(({ id }) => step.after.includes(id)), free: shared.free }
}

/** What is done has no steps any more. */
const NOTHING: Undertaking = { pieces: [], project: null }

export type AllPlans = Awaited<ReturnType<typeof loadPlans>>
export type PlanData = AllPlans['plans'][number]

/**
 * All plans, for the page of one of them.
 * @returns undefined where there is no such project
 */
export async function loadPlan(
  projectId: string,
  words: Vocabulary,
  now: Minutes,
): Promise<(AllPlans & { plan: PlanData }) | undefined> {
  const all = await loadPlans(words, now, projectId)
  const plan = all.plans.find(({ id }) => id === projectId)
  return plan && { ...all, plan }
}

/** A calendar as a file to save. */
export function asCalendar(text: string): Response {
  return new Response(text, {
    headers: {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="plan.ics"',
      'cache-control': 'no-store',
    },
  })
}
