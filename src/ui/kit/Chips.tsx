'use client'

import { ToggleButton } from 'react-aria-components'
import styled from 'styled-components'

/** A row of chips that wraps. */
export const Chips = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`

/** Something that is on or off: ticked where it is on. */
export const Chip = styled(ToggleButton)`
  min-height: 2.75rem;
  padding: 0.3rem 0.9rem;
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  background: var(--paper);
  color: var(--ink);
  cursor: pointer;
  &[data-selected] {
    background: var(--indigo-deep);
    border-color: var(--indigo-deep);
    color: var(--on-indigo);
  }
  &[data-selected]::before {
    content: '✓ ';
  }
  &[data-focus-visible] {
    outline: 3px solid var(--madder);
    outline-offset: 2px;
  }
`
