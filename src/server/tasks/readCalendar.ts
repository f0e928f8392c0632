import { type Window } from '../../core/prepare/window'
import { timesIn } from '../../core/formats/ics/read'
import { reportErrors } from '../jobs/reported'

export interface ReadCalendarTask {
  text: string
  span: Window
}

/** The times of a calendar: what repeats may take long, or never end. */
export const readCalendar = reportErrors(({ text, span }: ReadCalendarTask) =>
  Promise.resolve().then(() => timesIn(text, span)),
)
