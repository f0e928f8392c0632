'use client'

import { countNoun } from '@/core/units/format'
import { useState } from 'react'
import { QuietButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { PickFile } from '@/ui/kit/PickFile'
import { Actions, Paper, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { forgetCalendar, takeCalendar } from './actions'
import { type CalendarTold } from './calendarTold'

const KINDS = [
  ['taken', 'when I have no time'],
  ['free', 'more free time'],
] as const

/** Times out of a calendar: the plan keeps clear of what is taken. */
export function CalendarIn({ calendar: { taken, free, until, readOn } }: { calendar: CalendarTold }) {
  const { busy, trouble, doing } = useAsyncAction()
  const [kind, setKind] = useState('taken')
  const send = (file: File) =>
    doing(() => {
      const form = new FormData()
      form.set('calendar', file)
      form.set('kind', kind)
      return takeCalendar(form)
    })
  return (
    <Paper aria-labelledby="calendar-in">
      <h2 id="calendar-in">Your calendar</h2>
      <Soft>
        Save your calendar as a file (.ics) and import it here: plans avoid your appointments. A whole-day appointment
        counts as busy, unless the calendar marks it as free. Entries from Rough Swatch are ignored.
      </Soft>
      <ChoiceField label="Its entries are" value={kind} onChange={setKind} options={KINDS} />
      <Actions>
        <PickFile
          label={busy ? 'Reading…' : 'Import calendar'}
          types={['.ics', 'text/calendar']}
          isDisabled={busy}
          onPick={send}
        />
        {readOn ? (
          <QuietButton isDisabled={busy} onPress={() => doing(forgetCalendar)}>
            Forget calendar
          </QuietButton>
        ) : null}
      </Actions>
      <p role="status">{readOn ? toldWords({ taken, free, until, readOn }) : ''}</p>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function toldWords({ taken, free, until, readOn }: CalendarTold): string {
  const parts = [taken > 0 ? `${countNoun(taken, 'time')} busy` : '', free > 0 ? `${free} more free` : ''].filter(
    Boolean,
  )
  if (parts.length === 0) return `Imported on ${readOn}: nothing in the next twelve weeks.`
  return `Imported on ${readOn}: ${parts.join(', ')}, up to ${until}.`
}
