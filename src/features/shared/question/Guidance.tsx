'use client'

import styled from 'styled-components'
import { type Guide } from '@/core/identify/features'
import { HowDrawing, type DrawnYarn } from '@/ui/burn'
import { Callout } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { Say } from '@/ui/text/Say'

const How = styled.div`
  display: grid;
  gap: 0.5rem 1.25rem;
  grid-template-columns: 8.5rem minmax(0, 1fr);
  align-items: center;
  svg {
    width: 100%;
    height: auto;
    display: block;
  }
  ol {
    margin: 0;
    padding-left: 1.2rem;
    display: grid;
    gap: 0.2rem;
  }
  dl {
    grid-column: 1 / -1;
    margin: 0;
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 0.15rem 1rem;
    font-size: 0.95rem;
  }
  dt {
    color: var(--ink-soft);
  }
  dd {
    margin: 0;
  }
  @media (max-width: 40rem) {
    grid-template-columns: 6rem minmax(0, 1fr);
    dl {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`

/** How a test at the table is done: a drawing, the steps, what it tells apart, what spoils it, and what can hurt. */
export function Guidance({ feature, guide, yarn }: { feature: string; guide: Guide; yarn?: DrawnYarn }) {
  return (
    <>
      {guide.caution ? (
        <Callout $tone="warn">
          <b>Take care.</b> {guide.caution}
        </Callout>
      ) : null}
      <How>
        <HowDrawing feature={feature} yarn={yarn} />
        <ol>
          {guide.steps.map((step) => (
            <li key={step}>
              <Terms>{step}</Terms>
            </li>
          ))}
        </ol>
        <dl>
          <dt>Tells apart</dt>
          <dd>
            <Say>{guide.separates}</Say>
          </dd>
          <dt>Misled by</dt>
          <dd>
            <Say>{guide.spoiledBy}</Say>
          </dd>
        </dl>
      </How>
    </>
  )
}
