import { withPieceNames } from '@/core/text/text'
import { paceOf } from '@/core/prepare/pace'
import { minutesOf, type Minutes } from '@/core/prepare/minutes'
import { type Undertaking } from '@/core/prepare/prepare'
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
 * Plans of the projects that are not done, those begun first, from now on, in the same hours; and of the one that is
 * asked for.
 * @param projectId left out: of none in particular
 * @returns and those that are not planned yet, since there are too many
 */
export async function loadPlans(words: Vocabulary, now: Minutes, projectId?: string) {
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
    const putOff = data.putOff.flatMap(({ id: step, until }) => {
      const at = minutesOf(until)
      return at === undefined ? [] : [[step, at] as const]
    })
    const undertaking: Undertaking = {
      pieces: gists.map(asPlanned),
      project: { ...(need?.garment && { garment: need.garment }), details: need?.details ?? [] },
      done: data.ticked,
      notBefore: new Map(putOff),
    }
    return { id, data, gists, undertaking: data.finished === null ? undertaking : NOTHING }
  })
  const shared = {
    household: workroom.household,
    free: freeTimes(now, workroom),
    schools: workroom.schools,
    pace: paceOf(projects.flatMap(({ project }) => project.data.took)),
  }
  const task = { undertakings: all.map(({ undertaking }) => undertaking), shared }
  const plans = await runJob('planTogether', task)
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
      ...plan,
      warnings: plan.warnings.map(({ id: rule, text }) => ({ id: rule, text: withPieceNames(text, names) })),
    }
  })
  return { plans: told, waiting: waiting.map(({ project: { id, data } }) => ({ id, name: data.name })) }
}

/** What is done has no steps any more. */
const NOTHING: Undertaking = { pieces: [], project: null }

/** A project's plan from now on. @returns undefined where there is no such project */
export async function loadPlan(projectId: string, words: Vocabulary, now: Minutes): Promise<PlanData | undefined> {
  return (await loadPlans(words, now, projectId)).plans.find(({ id }) => id === projectId)
}

export type AllPlans = Awaited<ReturnType<typeof loadPlans>>
export type PlanData = AllPlans['plans'][number]

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
