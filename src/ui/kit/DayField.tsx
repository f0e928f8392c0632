'use client'

import { parseDate, type CalendarDate } from '@internationalized/date'
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react'
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  DateInput,
  DatePicker,
  DateSegment,
  Dialog,
  FieldError,
  Group,
  Heading,
  Label,
  Popover,
  Text,
} from 'react-aria-components'
import styled from 'styled-components'
import { field, segments } from './fieldStyles'
import { type Worded } from './fields'
import { Say } from '../text/Say'

const Picker = styled(DatePicker)`
  ${field}
  ${segments}
`
const Round = styled(Button)`
  display: grid;
  place-items: center;
  min-width: 2.75rem;
  min-height: 2.75rem;
  background: none;
  border: 0;
  border-radius: 3px;
  color: var(--ink);
  cursor: pointer;
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: -2px;
  }
`
const Leaf = styled(Popover)`
  background: var(--paper);
  color: var(--ink);
  border: 1.5px solid var(--ink-soft);
  border-left: 10px solid var(--weld);
  border-radius: 4px;
  box-shadow: var(--shadow);
  padding: 0.8rem;
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
  h2 {
    font-size: 1.05rem;
    margin: 0;
  }
`
const Day = styled(CalendarCell)`
  min-width: 2.75rem;
  min-height: 2.75rem;
  display: grid;
  place-items: center;
  border-radius: 3px;
  cursor: pointer;
  &[data-outside-month] {
    visibility: hidden;
  }
  &[data-hovered] {
    background: var(--line);
  }
  &[data-selected] {
    background: var(--indigo-deep);
    color: var(--on-indigo);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: -2px;
  }
`

interface Props extends Worded {
  /** ISO 8601, a day; null where none is given. */
  day: string | null
  onChange: (day: string | null) => void
}

/** A day, typed part by part in the order of the person’s own country, or chosen from a month. */
export function DayField({ label, hint, error, day, onChange }: Props) {
  return (
    <Picker
      value={dayOf(day)}
      onChange={(next) => onChange(next?.toString() ?? null)}
      isInvalid={error !== undefined}
    >
      <Label>
        <Say>{label}</Say>
      </Label>
      <Group className="line">
        <DateInput className="segments">{(segment) => <DateSegment segment={segment} />}</DateInput>
        <Round>
          <CalendarDays aria-hidden size={20} />
        </Round>
      </Group>
      {hint ? (
        <Text slot="description">
          <Say>{hint}</Say>
        </Text>
      ) : null}
      <FieldError className="error">{error}</FieldError>
      <Leaf>
        <Dialog>
          <Calendar>
            <header>
              <Round slot="previous">
                <ChevronLeft aria-hidden size={20} />
              </Round>
              <Heading />
              <Round slot="next">
                <ChevronRight aria-hidden size={20} />
              </Round>
            </header>
            <CalendarGrid>{(date) => <Day date={date} />}</CalendarGrid>
          </Calendar>
        </Dialog>
      </Leaf>
    </Picker>
  )
}

/** A day that cannot be read is none. */
function dayOf(day: string | null): CalendarDate | null {
  try {
    return day ? parseDate(day) : null
  } catch {
    return null
  }
}
