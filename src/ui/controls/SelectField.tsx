'use client'

import { useId } from 'react'
import styled from 'styled-components'

const Wrap = styled.div`
  display: grid;
  gap: 0.25rem;
  align-content: start;
  label { font-weight: 600; }
  select {
    width: 100%;
    min-height: 2.75rem;
    padding: 0.4rem 0.6rem;
    background: var(--paper);
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
  }
`

/** One of many, in the platform's own list: quick by keyboard and by thumb. */
export function SelectField({ label, value, onChange, options }: { label: string; value: string; onChange: (value: string) => void; options: readonly (readonly [string, string])[] }) {
  const id = useId()
  return (
    <Wrap>
      <label htmlFor={id}>{label}</label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value)}>
        {options.map(([key, words]) => <option key={key} value={key}>{words}</option>)}
      </select>
    </Wrap>
  )
}
