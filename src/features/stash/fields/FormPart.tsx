'use client'

import { useId, type ReactNode } from 'react'
import styled from 'styled-components'
import { Paper, Stack } from '@/ui/kit/surfaces'

const Fold = styled.details`
  min-width: 0;
  padding-inline: 1.6rem;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 3px;
  > summary {
    min-height: 2.75rem;
    align-content: center;
    cursor: pointer;
    font-weight: 600;
  }
  &[open] {
    padding-bottom: 1.2rem;
  }
`

interface Props {
  title: string
  isFolded?: boolean
  children: ReactNode
}

/** A part of a long form: a paper with a heading, or a line that unfolds where it is seldom filled in at once. */
export function FormPart({ title, isFolded = false, children }: Props) {
  const id = useId()
  if (isFolded)
    return (
      <Fold>
        <summary>{title}</summary>
        <Stack>{children}</Stack>
      </Fold>
    )
  return (
    <Paper aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      {children}
    </Paper>
  )
}
