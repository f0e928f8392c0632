import { createEvents, type EventAttributes } from 'ics'
import { type PlannedStep } from '../../prepare/prepare'

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
export function calendarOf(plans: readonly CalendarPlan[]): string {
  const { error, value } = createEvents(plans.flatMap(eventsOf))
  if (error) throw error
  return value ?? ''
}

function eventsOf({ id: projectId, name, steps }: CalendarPlan): EventAttributes[] {
  const timed = steps.filter((step): step is PlannedStep & { start: string } => step.start !== null && step.hands > 0)
  return timed.map(({ id, start, hands, text, why }) => ({
    title: `${name}: ${text.slice(0, 80)}`,
    description: `${text} ${why}`,
    uid: `${`${projectId}-${id}`.replace(/[^\w-]/g, '-')}@rough-swatch`,
    start: dateParts(start),
    startInputType: 'local',
    startOutputType: 'local',
    duration: { minutes: hands },
    productId: 'rough-swatch',
  }))
}

const dateParts = (written: string) => written.split(/[-T:]/).map(Number) as [number, number, number, number, number]
