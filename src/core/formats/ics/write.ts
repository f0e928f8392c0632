import { createEvents, type EventAttributes } from 'ics'
import { type PlannedStep } from '../../prepare/prepare'
import { type Reader, PLAIN_READER, textFor } from '../../text/render'
import { phrase, type Phrase } from '../../text/text'

/** What a calendar takes of a plan. */
export interface CalendarPlan {
  /** Of the project; entries keep their identity by it. */
  id: string
  name: string
  steps: readonly PlannedStep[]
}

/**
 * Plans as a calendar (RFC 5545), each step that needs hands an entry by the person's own clock.
 * @throws what the writer of calendars refuses
 */
export function calendarOf(plans: readonly CalendarPlan[], reader: Reader = PLAIN_READER): string {
  const { error, value } = createEvents(plans.flatMap((plan) => eventsOf(plan, reader)))
  if (error) throw error
  return value ?? ''
}

function eventsOf({ id: projectId, name, steps }: CalendarPlan, reader: Reader): EventAttributes[] {
  const say = (text: Phrase) => textFor(text, reader)
  const timed = steps.filter((step): step is PlannedStep & { start: string } => step.start !== null && step.hands > 0)
  return timed.map(({ id, start, hands, text, why }) => ({
    title: `${name}: ${say(text).slice(0, 80)}`,
    description: say(phrase`${text} ${why}`),
    uid: `${`${projectId}-${id}`.replace(/[^\w-]/g, '-')}@rough-swatch`,
    start: dateParts(start),
    startInputType: 'local',
    startOutputType: 'local',
    duration: { minutes: hands },
    productId: 'rough-swatch',
  }))
}

const dateParts = (written: string) => written.split(/[-T:]/).map(Number) as [number, number, number, number, number]
