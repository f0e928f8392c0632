'use client'

import { useId } from 'react'
import styled from 'styled-components'
import { box, field } from './fieldStyles'

const Wrap = styled.div`
  ${field}
  select {
    ${box}
  }
`

/** One of many, in the platform's own list: quick by keyboard and by thumb. */
export function SelectField({
  label,
  value,
  onChange,
  options,
}: {
  label: string
  value: string
  onChange: (value: string) => void
  options: readonly (readonly [string, string])[]
}) {
  const id = useId()
  return (
    <Wrap>
      <label htmlFor={id}>{label}</label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value)}>
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </Wrap>
  )
}
