'use client'

import styled from 'styled-components'
import { drapeWords, type Body } from '@/core/vocabulary/cloth'
import { FallDrawing } from '@/ui/measuring/fall'
import { Say } from '@/ui/text/Say'

const Row = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: 0.5rem;
  li {
    flex: 0 1 4.5rem;
    min-width: 0;
    text-align: center;
    font-size: 0.9rem;
  }
  svg {
    width: 100%;
    height: auto;
    display: block;
    margin-bottom: -0.9rem;
  }
`
const PAPER = { fill: 'var(--paper-deep)', edge: 'var(--ink)' }

/** How the fabric may fall over an arm that is held out: hold up what lies in the shop beside these. */
export function Falls({ bodies }: { bodies: readonly Body[] }) {
  if (bodies.length === 0) return null
  return (
    <Row aria-label={drapeWords(bodies)}>
      {bodies.map((body) => (
        <li key={body}>
          <FallDrawing test="arm" body={body} yarn={PAPER} />
          <Say>{body}</Say>
        </li>
      ))}
    </Row>
  )
}
