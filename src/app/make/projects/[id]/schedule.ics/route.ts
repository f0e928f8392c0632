import { calendarOf } from '@/core/formats/ics/write'
import { minuteNow } from '@/features/make/plan/clock'
import { asCalendar, loadPlan } from '@/features/make/plan/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { problem } from '@/server/api/problem'

/** The plan of a project for a calendar. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const reader = await readPreferences()
  const loaded = await loadPlan((await params).id, reader.words, minuteNow())
  if (!loaded)
    return problem(404, 'bad-input', 'There is no project with this id.', [
      { path: 'id', message: 'no such project' },
    ])
  return asCalendar(calendarOf([loaded.plan], reader))
}
