'use client'

import { type ReactNode } from 'react'
import {
  FieldError,
  Input,
  Label,
  Radio,
  RadioGroup,
  Text,
  TextField as AriaTextField,
  TextArea,
  type RadioGroupProps,
  type TextFieldProps,
} from 'react-aria-components'
import styled from 'styled-components'
import { box, field } from './fieldStyles'
import { Say } from '../text/Say'

const Box = styled(Input)`
  ${box}
`
const Area = styled(TextArea)`
  ${box} min-height: 5rem;
  resize: vertical;
`
const StyledText = styled(AriaTextField)`
  ${field}
`
const StyledRadios = styled(RadioGroup)`
  ${field}
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
`

const Choice = styled(Radio)`
  display: inline-flex;
  align-items: center;
  gap: 0.45rem;
  min-height: 2.75rem;
  padding: 0.35rem 0.9rem;
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  background: var(--paper);
  cursor: pointer;
  font-weight: 400 !important;
  &::before {
    content: '';
    width: 0.8rem;
    height: 0.8rem;
    border: 2px solid currentColor;
    border-radius: 50%;
  }
  &[data-selected] {
    background: var(--indigo-deep);
    border-color: var(--indigo-deep);
    color: var(--on-indigo);
  }
  &[data-selected]::before {
    background: var(--weld);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`

export interface Worded {
  label: string
  hint?: string
  error?: string
}

export function TextField({ label, hint, error, rows, ...rest }: TextFieldProps & Worded & { rows?: number }) {
  return (
    <StyledText {...rest} isInvalid={error !== undefined}>
      <Label>
        <Say>{label}</Say>
      </Label>
      {rows ? <Area rows={rows} /> : <Box />}
      {hint ? (
        <Text slot="description">
          <Say>{hint}</Say>
        </Text>
      ) : null}
      <FieldError className="error">{error}</FieldError>
    </StyledText>
  )
}

/** A few choices, one of them taken. */
export function ChoiceField({
  label,
  hint,
  error,
  options,
  ...rest
}: RadioGroupProps & Worded & { options: readonly (readonly [string, ReactNode])[] }) {
  return (
    <StyledRadios {...rest} isInvalid={error !== undefined}>
      <span className="label">
        <Label>
          <Say>{label}</Say>
        </Label>
      </span>
      <div className="choices">
        {options.map(([value, words]) => (
          <Choice key={value} value={value}>
            {typeof words === 'string' ? <Say>{words}</Say> : words}
          </Choice>
        ))}
      </div>
      {hint ? (
        <Text slot="description">
          <Say>{hint}</Say>
        </Text>
      ) : null}
      <FieldError className="error">{error}</FieldError>
    </StyledRadios>
  )
}
