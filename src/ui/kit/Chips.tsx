'use client'

import { Button, Checkbox, ToggleButton } from 'react-aria-components'
import styled, { css } from 'styled-components'

/** A row of chips that wraps. */
export const Chips = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`

const chipShape = css`
  min-height: 2.75rem;
  padding: 0.3rem 0.9rem;
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`
const isOn = css`
  background: var(--indigo-deep);
  border-color: var(--indigo-deep);
  color: var(--on-indigo);
`

/** Something that is on or off: ticked where it is on. */
export const Chip = styled(ToggleButton)`
  ${chipShape}
  &[data-selected] {
    ${isOn}
  }
  &[data-selected]::before {
    content: '✓ ';
  }
`

/** One of several that may all be on, as a chip. */
export const CheckChip = styled(Checkbox)`
  ${chipShape}
  display: inline-flex;
  align-items: center;
  gap: 0.4rem;
  &[data-selected] {
    ${isOn}
  }
  &[data-selected]::before {
    content: '✓';
  }
`

/** A chip that opens what stands below its row. */
export const OpeningChip = styled(Button)<{ $isOn?: boolean }>`
  ${chipShape}
  ${({ $isOn }) => ($isOn ? isOn : undefined)}
  &::after {
    content: ' ▾';
  }
  &[aria-expanded='true']::after {
    content: ' ▴';
  }
`
