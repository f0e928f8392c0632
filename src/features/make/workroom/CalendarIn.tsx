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
  ['free', 'more time, beside those hours'],
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
      <h2 id="calendar-in">What stands in your calendar</h2>
      <Soft>
        Save your calendar as a file (.ics), and give it here: plans keep clear of what stands in it. A whole day
        counts as taken, unless the calendar calls it free; what this program planned itself does not.
      </Soft>
      <ChoiceField label="What stands in it is" value={kind} onChange={setKind} options={KINDS} />
      <Actions>
        <PickFile
          label={busy ? 'Reading…' : 'Read a calendar'}
          types={['.ics', 'text/calendar']}
          isDisabled={busy}
          onPick={send}
        />
        {readOn ? (
          <QuietButton isDisabled={busy} onPress={() => doing(forgetCalendar)}>
            Forget what it said
          </QuietButton>
        ) : null}
      </Actions>
      <p role="status">{readOn ? toldWords({ taken, free, until, readOn }) : ''}</p>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function toldWords({ taken, free, until, readOn }: CalendarTold): string {
  const parts = [taken > 0 ? `${countNoun(taken, 'time')} taken` : '', free > 0 ? `${free} more free` : ''].filter(
    Boolean,
  )
  if (parts.length === 0) return `Read on ${readOn}: nothing in the next twelve weeks.`
  return `Read on ${readOn}: ${parts.join(', ')}, up to ${until}.`
}
