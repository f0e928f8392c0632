'use server'

import { z } from 'zod'
import { spanOf } from '@/core/formats/ics/read'
import { WorkroomSchema } from '@/core/notebook/kinds/workroom'
import { writtenAt } from '@/core/prepare/minutes'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { throwReported } from '@/server/jobs/reported'
import { keepCalendar, keepSaid } from '@/server/records/workroom'
import { action } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy } from '../../shared/outcome'
import { minuteNow } from '../plan/clock'
import { DAYS_AHEAD } from '../plan/freeTimes'

/** Keeps what the person has and when they have time. */
export const saveWorkroom = action(
  [WorkroomSchema.omit({ calendar: true, once: true })],
  async (said) => {
    await keepSaid(await notebook(), said, now())
  },
  ['workroom'],
)

/** A calendar is no larger than so many bytes. */
const MOST_BYTES = 5_000_000

/** A form with a calendar, and of what kind its times are. */
const SentCalendarSchema = z
  .instanceof(FormData, { error: 'No calendar was sent.' })
  .transform((form) => ({ file: form.get('calendar'), kind: form.get('kind') }))
  .pipe(
    z.object({
      file: z
        .instanceof(File, { error: 'No calendar was sent.' })
        .refine(({ size }) => size <= MOST_BYTES, 'That calendar is larger than 5 MB: save a shorter period.'),
      kind: z.enum(['taken', 'free']),
    }),
  )

/** Reads a calendar’s times of the weeks that are planned ahead, in place of those of that kind before. */
export const takeCalendar = action(
  [SentCalendarSchema],
  async ({ file, kind }) => {
    const from = minuteNow()
    const text = await file.text()
    const span = { start: from, end: from + DAYS_AHEAD * 24 * 60 }
    const told = await runJob('readCalendar', { text, span })
    const { times } = await sayingWhy(() => throwReported(told))
    const read = { [kind]: times.map(spanOf), readOn: writtenAt(from).slice(0, 10) }
    await keepCalendar(await notebook(), (before) => ({ ...before, ...read }), now())
  },
  ['workroom'],
)

/** Forgets what calendars said. */
export const forgetCalendar = action(
  [],
  async () => {
    await keepCalendar(await notebook(), () => ({ taken: [], free: [], readOn: null }), now())
  },
  ['workroom'],
)
