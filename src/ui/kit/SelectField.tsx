'use client'

import { useId } from 'react'
import styled from 'styled-components'
import { box, field } from './fieldStyles'
import { Say } from '../text/Say'

const Wrap = styled.div`
  ${field}
  select {
    ${box}
  }
`

/** One of many, in the platform's own list: quick by keyboard and by thumb. */
export function SelectField<T extends string>({
  label,
  value,
  onChange,
  options,
}: {
  label: string
  value: NoInfer<T>
  /** Called with one of the options, never with anything else. */
  onChange: (value: NoInfer<T>) => void
  options: readonly (readonly [T, string])[]
}) {
  const id = useId()
  const choose = (key: string) => {
    const chosen = options.find(([option]) => option === key)
    if (chosen) onChange(chosen[0])
  }
  return (
    <Wrap>
      <label htmlFor={id}>
        <Say>{label}</Say>
      </label>
      <select id={id} value={value} onChange={(event) => choose(event.target.value)}>
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            <Say>{words}</Say>
          </option>
        ))}
      </select>
    </Wrap>
  )
}
