import { createEvents } from 'ics'
import { chanceOf } from '@/core/lay/chance'
import { USUAL_HOURS, windowsFrom } from '@/core/prepare/hours'
import { minutesOf, type Minutes } from '@/core/prepare/minutes'
import { prepared, type PlannedStep } from '@/core/prepare/prepare'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { findPattern } from '@/server/patterns'
import { findProject } from '@/server/projects'
import { shelfOf } from '@/server/remember/shelf'
import { readWorkroom } from '@/server/workroom'
import { asPlanned } from './asPlanned'

/** So many days ahead are planned. */
const DAYS_AHEAD = 84

/** A project's plan from now on. @returns undefined where there is no such project */
export async function loadPlan(projectId: string, words: Vocabulary, now: Minutes) {
  const db = await notebook()
  const whole = await findProject(db, projectId)
  if (!whole) return undefined
  const { data } = whole.project
  const [shelf, pattern, { isAsked, workroom }] = await Promise.all([
    shelfOf(db, words),
    data.patternId === null ? undefined : findPattern(db, data.patternId),
    readWorkroom(db),
  ])
  const gists = whole.cloths.flatMap(({ data: { pieceId } }) => (pieceId ? (shelf.find(pieceId) ?? []) : []))
  const names = Object.fromEntries(gists.map(({ id, name }) => [id, name]))
  const hours = workroom.hours.length > 0 ? workroom.hours : USUAL_HOURS
  const plan = prepared(
    {
      pieces: gists.map(asPlanned),
      project: pattern
        ? { ...(pattern.need.garment && { garment: pattern.need.garment }), details: pattern.need.details ?? [] }
        : {},
      household: workroom.household,
      free: windowsFrom(now, hours, DAYS_AHEAD),
      schools: workroom.schools,
      done: data.ticked,
      notBefore: new Map(data.putOff.flatMap(({ id, until }) => (minutesOf(until) ? [[id, minutesOf(until)!]] : []))),
    },
    chanceOf(1),
  )
  return {
    id: projectId,
    name: data.name,
    isAsked,
    hasCloth: gists.length > 0,
    names,
    done: data.ticked,
    ...plan,
    warnings: plan.warnings.map(({ id, text }) => ({ id, text: named(text, names) })),
  }
}

export type PlanData = NonNullable<Awaited<ReturnType<typeof loadPlan>>>

/** Pieces by their names instead of their ids. */
function named(text: string, names: Readonly<Record<string, string>>): string {
  return Object.entries(names).reduce((told, [id, name]) => told.replaceAll(id, name), text)
}

/** The plan as a calendar (RFC 5545), each step an entry by the person's own clock. */
export function calendarOf({ name, steps }: Pick<PlanData, 'name' | 'steps'>): string {
  const timed = steps.filter((step): step is PlannedStep & { start: string } => step.start !== null && step.hands > 0)
  const { error, value = '' } = createEvents(
    timed.map(({ id, start, hands, text, why }) => ({
      title: `${name}: ${text.slice(0, 80)}`,
      description: `${text} ${why}`,
      uid: `${id.replace(/[^\w-]/g, '-')}@rough-swatch`,
      start: dateParts(start),
      startInputType: 'local',
      startOutputType: 'local',
      duration: { minutes: hands },
      productId: 'rough-swatch',
    })),
  )
  if (error) throw error
  return value ?? ''
}

const dateParts = (written: string) => written.split(/[-T:]/).map(Number) as [number, number, number, number, number]
