'use client'

import styled from 'styled-components'
import { Say } from '../text/Say'

const Label = styled.label`
  display: grid;
  gap: 0.25rem;
  font-weight: 600;
  input {
    width: 100%;
    height: 2.75rem;
    padding: 2px;
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
    background: var(--paper);
    cursor: pointer;
  }
`

/** A colour, chosen in the platform's own way. */
export function ColourField({
  label,
  value,
  onChange,
}: {
  label: string
  value: string
  onChange: (value: string) => void
}) {
  return (
    <Label>
      <Say>{label}</Say>
      <input type="color" value={value} onChange={(event) => onChange(event.target.value)} />
    </Label>
  )
}
