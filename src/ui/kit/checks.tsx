'use client'

import { type ReactNode } from 'react'
import { Checkbox, type CheckboxProps } from 'react-aria-components'
import styled from 'styled-components'
import { Say } from '../text/Say'

const Box = styled(Checkbox)`
  display: flex;
  gap: 0.6rem;
  align-items: baseline;
  min-height: 2.75rem;
  padding: 0.4rem 0;
  cursor: pointer;
  .mark {
    flex: none;
    width: 1.2rem;
    height: 1.2rem;
    border: 1.5px solid var(--ink-soft);
    border-radius: 3px;
    background: var(--paper);
    display: inline-grid;
    place-items: center;
    transform: translateY(0.2rem);
  }
  &[data-selected] .mark {
    background: var(--indigo-deep);
    border-color: var(--indigo-deep);
    color: var(--on-indigo);
  }
  &[data-selected] .mark::before {
    content: '✓';
    font-size: 0.9rem;
    line-height: 1;
  }
  &[data-focus-visible] .mark {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
  &[data-disabled] {
    opacity: 0.6;
    cursor: default;
  }
`
const Group = styled.fieldset`
  border: 0;
  padding: 0;
  margin: 0;
  min-width: 0;
  legend {
    font-weight: 700;
    padding: 0;
  }
`

/** Something that holds or does not. */
export function CheckField({ children, ...rest }: Omit<CheckboxProps, 'children'> & { children: ReactNode }) {
  return (
    <Box {...rest}>
      <span className="mark" aria-hidden />
      <span>{children}</span>
    </Box>
  )
}

/** Several of them under one question. */
export function CheckGroup({ legend, children }: { legend: string; children: ReactNode }) {
  return (
    <Group>
      <legend>
        <Say>{legend}</Say>
      </legend>
      {children}
    </Group>
  )
}
