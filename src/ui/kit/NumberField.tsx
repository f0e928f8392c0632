'use client'

import {
  FieldError,
  Group,
  Input,
  Label,
  NumberField as AriaNumberField,
  Text,
  type NumberFieldProps,
} from 'react-aria-components'
import styled from 'styled-components'
import { type Worded } from './fields'
import { box, field } from './fieldStyles'

const Box = styled(Input)`
  ${box}
`
const StyledNumber = styled(AriaNumberField)`
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

/** A number with its unit. */
export function NumberField({ label, hint, error, unit, ...rest }: NumberFieldProps & Worded & { unit?: string }) {
  return (
    <StyledNumber
      {...rest}
      isInvalid={error !== undefined}
      formatOptions={{ maximumFractionDigits: 3, useGrouping: false, ...rest.formatOptions }}
    >
      <Label>{label}</Label>
      <WithUnit>
        <Box inputMode="decimal" />
        {unit ? <Unit>{unit}</Unit> : null}
      </WithUnit>
      {hint ? <Text slot="description">{hint}</Text> : null}
      <FieldError className="error">{error}</FieldError>
    </StyledNumber>
  )
}
