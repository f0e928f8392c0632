import { calendarOf } from '@/core/formats/ics/write'
import { minuteNow } from '@/features/make/plan/clock'
import { asCalendar, loadPlans } from '@/features/make/plan/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

/** Everything that is planned, for a calendar. */
export async function GET(): Promise<Response> {
  const reader = await readPreferences()
  return asCalendar(calendarOf((await loadPlans(reader.words, minuteNow())).plans, reader))
}
