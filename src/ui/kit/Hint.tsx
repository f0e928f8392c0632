'use client'

import { type ReactNode } from 'react'
import { Tooltip, TooltipTrigger } from 'react-aria-components'
import styled from 'styled-components'
import { QuietButton } from './buttons'

const Words = styled(Tooltip)`
  max-width: 22rem;
  padding: 0.5rem 0.8rem;
  background: var(--ink);
  color: var(--paper);
  border-radius: 3px;
  font-size: 0.92rem;
`
const Term = styled(QuietButton)`
  text-decoration: underline dotted;
`

/** A word of the trade, told when it is pointed at or reached by key. */
export function Hint({ words, children }: { words: string; children: ReactNode }) {
  return (
    <TooltipTrigger delay={200}>
      <Term>{children}</Term>
      <Words offset={6}>{words}</Words>
    </TooltipTrigger>
  )
}
