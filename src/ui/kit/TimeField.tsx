'use client'

import { parseTime, type Time } from '@internationalized/date'
import { DateInput, DateSegment, FieldError, Group, Label, Text, TimeField as Control } from 'react-aria-components'
import styled from 'styled-components'
import { field, segments } from './fieldStyles'
import { type Worded } from './fields'
import { Say } from '../text/Say'

const Clock = styled(Control)`
  ${field}
  ${segments}
` as typeof Control

interface Props extends Worded {
  /** `09:30`, on a clock of 24 hours. */
  time: string
  /** Hears whole times alone: one that is half typed is none yet. */
  onChange: (time: string) => void
}

/** A time of the day, typed part by part, or moved by arrow keys. */
export function TimeField({ label, hint, error, time, onChange }: Props) {
  return (
    <Clock
      value={timeOf(time)}
      onChange={(next) => next && onChange(next.toString().slice(0, 5))}
      hourCycle={24}
      shouldForceLeadingZeros
      isInvalid={error !== undefined}
    >
      <Label>
        <Say>{label}</Say>
      </Label>
      <Group className="line">
        <DateInput className="segments">{(segment) => <DateSegment segment={segment} />}</DateInput>
      </Group>
      {hint ? (
        <Text slot="description">
          <Say>{hint}</Say>
        </Text>
      ) : null}
      <FieldError className="error">{error}</FieldError>
    </Clock>
  )
}

/** A time that cannot be read is none. */
function timeOf(time: string): Time | null {
  try {
    return parseTime(time)
  } catch {
    return null
  }
}
