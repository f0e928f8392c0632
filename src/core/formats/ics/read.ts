import ICAL from 'ical.js'
import { minutesByTheClock, minutesOf, writtenAt, type Minutes } from '../../prepare/minutes'
import { mergeWindows, type Window } from '../../prepare/window'

/** A repeated entry is followed no farther than so many times, and all of a file together. */
const [MOST_TIMES, MOST_TOGETHER] = [12_000, 30_000]
/** One that was moved was not moved farther, minutes. */
const MOVED = 60 * 24 * 60
/** So many times are kept. */
export const MOST_KEPT = 1000
/** What the program itself wrote into a calendar takes nobody’s time: it is what is planned. */
const OWN = /@rough-swatch$/

/** What a calendar says of a span. */
export interface CalendarTimes {
  /** By the person's own clock, in order, those that touch joined. */
  times: Window[]
  /** Entries that stand in it, and those left out since they are free, called off or our own. */
  entries: number
  leftOut: number
}

/**
 * The times in a calendar (RFC 5545): entries with their repetitions, and free/busy lists. A whole day counts as
 * taken; what the calendar itself calls free, what is called off, and what this program wrote do not.
 * @param span only what falls into it
 * It may take long, and a rule that never comes never ends: it runs where it can be ended.
 * @throws RangeError where it is no calendar, or repeats too often
 */
export function timesIn(text: string, span: Window): CalendarTimes {
  try {
    return timesOfAll(calendarIn(text), span)
  } finally {
    // Zones that one file describes are not those of the next.
    ICAL.TimezoneService.reset()
  }
}

function timesOfAll(calendar: ICAL.Component, span: Window): CalendarTimes {
  const left = { times: MOST_TOGETHER }
  const events = calendar.getAllSubcomponents('vevent')
  const counted = events.filter(takesTime)
  const own = counted.filter((event) => !event.hasProperty('recurrence-id'))
  const moved = new Map<unknown, ICAL.Component[]>()
  for (const event of counted.filter((one) => one.hasProperty('recurrence-id'))) {
    const uid = event.getFirstPropertyValue('uid')
    const known = moved.get(uid)
    if (known) known.push(event)
    else moved.set(uid, [event])
  }
  const times = own.flatMap((event) => {
    return timesOf(event, moved.get(event.getFirstPropertyValue('uid')) ?? [], span, left)
  })
  const lists = calendar.getAllSubcomponents('vfreebusy')
  const all = [...times, ...lists.flatMap(listed)].flatMap((one) => within(one, span))
  return {
    times: mergeWindows(all).slice(0, MOST_KEPT),
    entries: events.length + lists.length,
    leftOut: events.length - counted.length,
  }
}

function calendarIn(text: string): ICAL.Component {
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as [string, unknown[], unknown[]])
    if (calendar.name !== 'vcalendar') throw new RangeError('not a calendar')
    for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone)
    return calendar
  } catch {
    throw new RangeError('This is not a calendar. Please choose a file that ends in .ics, as calendars save it.')
  }
}

function takesTime(event: ICAL.Component): boolean {
  const value = (name: string) => String(event.getFirstPropertyValue(name) ?? '').toUpperCase()
  return (
    value('transp') !== 'TRANSPARENT' &&
    value('status') !== 'CANCELLED' &&
    event.hasProperty('dtstart') &&
    !OWN.test(String(event.getFirstPropertyValue('uid') ?? ''))
  )
}

function timesOf(
  component: ICAL.Component,
  exceptions: readonly ICAL.Component[],
  span: Window,
  left: { times: number },
): Window[] {
  const event = new ICAL.Event(component, { exceptions: [...exceptions], strictExceptions: true })
  if (!event.isRecurring()) return [windowOf(event.startDate, event.endDate)]
  const times: Window[] = []
  const iterator = event.iterator()
  for (let i = 0; i < MOST_TIMES; i++) {
    const next = iterator.next() as ICAL.Time | undefined
    if (!next) return times
    if (left.times-- <= 0) throw new RangeError('It repeats too often: save a shorter period.')
    const begins = byTheClock(next)
    if (begins >= span.end + MOVED) return times
    if (begins < span.start - MOVED) continue
    const { startDate, endDate } = event.getOccurrenceDetails(next)
    times.push(windowOf(startDate, endDate))
  }
  return times
}

/** Busy times of a free/busy list; those that it calls free are none. */
function listed(list: ICAL.Component): Window[] {
  return list
    .getAllProperties('freebusy')
    .filter((property) => String(property.getParameter('fbtype') ?? 'BUSY').toUpperCase() !== 'FREE')
    .flatMap((property) => property.getValues() as ICAL.Period[])
    .map((period) => windowOf(period.start, period.getEnd()))
}

const windowOf = (start: ICAL.Time, end: ICAL.Time): Window => ({ start: byTheClock(start), end: byTheClock(end) })

/** By the clock of the machine that the program runs on; a time without a zone is by that clock already. */
function byTheClock(time: ICAL.Time): Minutes {
  if (time.isDate || time.zone === ICAL.Timezone.localTimezone) return minutesOf(writtenLocal(time)) ?? 0
  return minutesByTheClock(time.toJSDate().getTime())
}

/** Without its zone and seconds, `2026-05-02T09:00`. */
const writtenLocal = ({ year, month, day, hour, minute }: ICAL.Time) =>
  `${digits(year, 4)}-${digits(month)}-${digits(day)}T${digits(hour)}:${digits(minute)}`

const digits = (value: number, width = 2) => String(value).padStart(width, '0')

function within({ start, end }: Window, span: Window): Window[] {
  const inside = { start: Math.max(start, span.start), end: Math.min(end, span.end) }
  return inside.end > inside.start ? [inside] : []
}

/** As it is kept. */
export const spanOf = ({ start, end }: Window) => ({ from: writtenAt(start), to: writtenAt(end) })
