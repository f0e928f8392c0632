'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { WorkroomSchema } from '@/core/notebook/kinds/workroom'
import { writtenAt } from '@/core/prepare/minutes'
import { notebook } from '@/server/database'
import { spanOf } from '@/core/formats/ics/read'
import { runJob } from '@/server/jobs/pool'
import { throwReported } from '@/server/jobs/reported'
import { keepCalendar, keepSaid } from '@/server/workroom'
import { doneOf, refusedFor, sayingWhy, type Done } from '../../shared/outcome'
import { now } from '../../shared/now'
import { parseOr404 } from '../../shared/parseOr404'
import { minuteNow } from '../plan/clock'
import { DAYS_AHEAD } from '../plan/freeTimes'
import { type ActionInput } from '../../shared/actionInput'

const Said = WorkroomSchema.omit({ calendar: true })

/** Keeps what the person has and when they have time. */
export async function saveWorkroom(input: ActionInput<typeof Said>): Promise<Done> {
  const outcome = await doneOf(async () => keepSaid(await notebook(), Said.parse(input), now()))
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** A calendar is no larger than so many bytes. */
const MOST_BYTES = 5_000_000
const KindSchema = z.enum(['taken', 'free'])

/** Reads a calendar’s times of the weeks that are planned ahead, in place of those of that kind before. */
export async function takeCalendar(form: FormData): Promise<Done> {
  const file = form instanceof FormData ? form.get('calendar') : null
  const kind = parseOr404(KindSchema, form instanceof FormData ? form.get('kind') : null)
  if (!(file instanceof Blob)) return refusedFor('No calendar came along.')
  if (file.size > MOST_BYTES) return refusedFor('That calendar is larger than 5 MB: save a shorter span of it.')
  const outcome = await doneOf(async () => {
    const from = minuteNow()
    const text = await file.text()
    const span = { start: from, end: from + DAYS_AHEAD * 24 * 60 }
    const told = await runJob('readCalendar', { text, span })
    const { times } = sayingWhy(() => throwReported(told))
    const read = { [kind]: times.map(spanOf), readOn: writtenAt(from).slice(0, 10) }
    await keepCalendar(await notebook(), (before) => ({ ...before, ...read }), now())
  })
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Forgets what calendars said. */
export async function forgetCalendar(): Promise<Done> {
  const outcome = await doneOf(async () => {
    await keepCalendar(await notebook(), () => ({ taken: [], free: [], readOn: null }), now())
  })
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}
