'use client'

import { useRef, type KeyboardEvent } from 'react'
import { flushSync } from 'react-dom'
import { FieldError, Group, Input, Label, Text, TextField } from 'react-aria-components'
import styled from 'styled-components'
import { Button } from './buttons'
import { type Worded } from './fields'
import { box, field } from './fieldStyles'
import { useTypedNumber, type NumberAsked } from './useTypedNumber'
import { Say } from '../text/Say'

const Box = styled(Input)`
  ${box}
`
const StyledNumber = styled(TextField)`
  ${field}
`
const Unit = styled.span`
  color: var(--ink-soft);
  padding-left: 0.5rem;
  white-space: nowrap;
`
const WithUnit = styled(Group)`
  display: flex;
  align-items: center;
`
const Choices = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`

/** Decimals that a value is shown with. */
const DECIMALS = 3

interface Props extends Omit<NumberAsked, 'decimals' | 'label'>, Partial<Worded> {
  'aria-label'?: string
  isDisabled?: boolean
  decimals?: number
}

/**
 * A number with its unit, as people type one: comma or point, a fraction, another unit behind it. What can be read in
 * two ways, or is unlike any fabric, is asked about before it counts.
 */
export function NumberField({ label, hint, error, isDisabled, decimals = DECIMALS, ...asked }: Props) {
  const input = useRef<HTMLInputElement>(null)
  const name = label ?? asked['aria-label'] ?? ''
  const { text, doubt, commit, take, type, stepBy } = useTypedNumber({ ...asked, label: name, decimals }, input)
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter') flushSync(commit)
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault()
      stepBy(event.key === 'ArrowUp' ? 1 : -1)
    }
  }
  return (
    <StyledNumber
      aria-label={asked['aria-label']}
      value={text}
      onChange={type}
      onBlur={commit}
      onKeyDown={onKeyDown}
      isDisabled={isDisabled}
      isInvalid={error !== undefined || doubt !== null}
    >
      {label ? (
        <Label>
          <Say>{label}</Say>
        </Label>
      ) : null}
      <WithUnit>
        <Box ref={input} inputMode={asked.unit ? 'text' : 'decimal'} autoComplete="off" />
        {asked.unit ? <Unit>{asked.unit}</Unit> : null}
      </WithUnit>
      {hint ? (
        <Text slot="description">
          <Say>{hint}</Say>
        </Text>
      ) : null}
      <FieldError className="error">{doubt?.message ?? error}</FieldError>
      {doubt && doubt.choices.length > 0 ? (
        <Choices role="group" aria-label={`${name}: ${doubt.message}`}>
          {doubt.choices.map(({ words, value }) => (
            <Button key={words} onPress={() => take(value)}>
              {words}
            </Button>
          ))}
        </Choices>
      ) : null}
    </StyledNumber>
  )
}
