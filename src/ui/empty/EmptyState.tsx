import { type ReactNode } from 'react'
import styled from 'styled-components'
import { EMPTY_DRAWINGS, type EmptyDrawing } from './drawings'

const Box = styled.section`
  display: grid;
  justify-items: center;
  gap: 0.9rem;
  text-align: center;
  padding: 1.5rem 1rem 2rem;
  border: 1.5px dashed var(--line);
  border-radius: 6px;
  svg {
    width: min(100%, 30rem);
    height: auto;
    color: var(--ink-soft);
  }
`

interface Props {
  /** What will stand on the page. */
  drawing: EmptyDrawing
  /** What it will show, in a sentence. */
  text: string
  /** The one way to begin. */
  children?: ReactNode
}

/** A page with nothing on it yet: what it will show, drawn, and the one way to begin. */
export function EmptyState({ drawing, text, children }: Props) {
  return (
    <Box aria-label="Nothing here yet">
      <svg viewBox="0 0 480 170" aria-hidden focusable="false">
        {EMPTY_DRAWINGS[drawing]}
      </svg>
      <p>{text}</p>
      {children}
    </Box>
  )
}
