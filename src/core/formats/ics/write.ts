import { createEvents, type EventAttributes } from 'ics'
import { type PlannedStep } from '../../prepare/prepare'
import { STEP_KIND_WORDS } from '../../prepare/stepWords'
import { type Reader, PLAIN_READER, textFor } from '../../text/render'

/** What a calendar takes of a plan. */
export interface CalendarPlan {
  /** Of the project; entries keep their identity by it. */
  id: string
  name: string
  steps: readonly PlannedStep[]
}

/**
 * Plans as a calendar (RFC 5545), each step that needs hands an entry by the person's own clock: a short
 * title, the rest in its notes.
 * @throws what the writer of calendars refuses
 */
export function calendarOf(plans: readonly CalendarPlan[], reader: Reader = PLAIN_READER): string {
  const { error, value } = createEvents(joinShopping(plans.flatMap((plan) => entriesOf(plan, reader))).map(eventOf))
  if (error) throw error
  return value ?? ''
}

/** Shopping for several projects that follows on is one way, and one entry. */
function joinShopping(events: readonly Entry[]): Entry[] {
  const inOrder = events.toSorted((a, b) => a.start.localeCompare(b.start))
  return inOrder.reduce<Entry[]>((joined, one) => {
    const last = joined.findLast(({ kind }) => kind === 'buy')
    if (one.kind !== 'buy' || !last || last.end !== one.start) return [...joined, one]
    const names = [...last.names, ...one.names]
    return joined.map((entry) =>
      entry === last ? { ...last, names, end: one.end, minutes: last.minutes + one.minutes } : entry,
    )
  }, [])
}

/** Something that hands do. */
interface Entry {
  uid: string
  kind: PlannedStep['kind']
  names: string[]
  start: string
  end: string
  minutes: number
  notes: string
}

function entriesOf({ id: projectId, name, steps }: CalendarPlan, reader: Reader): Entry[] {
  return steps.flatMap(({ id, kind, start, end, hands, text, why, risk }) =>
    start === null || end === null || hands === 0
      ? []
      : [
          {
            uid: `${`${projectId}-${id}`.replace(/[^\w-]/g, '-')}@rough-swatch`,
            ...{ kind, start, end, names: [name], minutes: hands },
            notes: [text, why, risk]
              .filter((part) => part !== '')
              .map((part) => textFor(part, reader))
              .join('\n'),
          },
        ],
  )
}

function eventOf({ uid, kind, names, start, minutes, notes }: Entry): EventAttributes {
  const title = `${STEP_KIND_WORDS[kind]}: ${names.length > 1 ? `${names.length} projects` : names.join('')}`
  return {
    title,
    description: names.length > 1 ? `${names.join(', ')}\n${notes}` : notes,
    uid,
    start: dateParts(start),
    startInputType: 'local',
    startOutputType: 'local',
    duration: { minutes },
    productId: 'rough-swatch',
  }
}

const dateParts = (written: string) => written.split(/[-T:]/).map(Number) as [number, number, number, number, number]
