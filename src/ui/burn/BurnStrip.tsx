'use client'

import styled from 'styled-components'
import { PlaceDrawing, PLAIN_YARN, STRIP_PLACES, type SeenStates } from './Drawing'
import { type DrawnYarn } from '../tabletop/drawnYarn'
import { Say } from '@/ui/text/Say'

const Row = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
  overflow: hidden;
  li {
    position: relative;
    padding-bottom: 0.35rem;
    text-align: center;
    font-size: 0.85rem;
    line-height: 1.2;
    color: var(--ink-soft);
    min-width: 0;
  }
  li + li {
    border-left: 1px dashed var(--line);
  }
  li[data-here='true'] {
    background: color-mix(in srgb, var(--weld) 24%, var(--paper));
    color: var(--ink);
    font-weight: 700;
  }
  li[data-here='true']::after {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    bottom: 0;
    height: 4px;
    background: var(--weld);
  }
  li {
    overflow: hidden;
  }
  svg {
    display: block;
    width: 100%;
    height: 5.9rem;
    overflow: visible;
    border-radius: 0;
  }
  li[data-here='true'] svg {
    background: #eadfb6;
  }
  @media (max-width: 40rem) {
    svg {
      height: 3.6rem;
    }
    li {
      font-size: 0.68rem;
      padding-inline: 1px;
    }
  }
`

/**
 * The burn as one strip of this very cloth, left to right in the order of the test. The finished strip is the record.
 * @param here the place that the present question asks about
 */
export function BurnStrip({
  seen,
  describe,
  here,
  yarn = PLAIN_YARN,
  label = 'The burn so far',
}: {
  seen: SeenStates
  describe: (features: readonly string[]) => string
  here?: string
  yarn?: DrawnYarn
  label?: string
}) {
  return (
    <Row aria-label={label}>
      {STRIP_PLACES.map(({ id, title, features }) => (
        <li key={id} data-here={id === here} aria-current={id === here ? 'step' : undefined}>
          <svg className="drawn" viewBox="0 0 120 110" aria-hidden focusable="false">
            <PlaceDrawing place={id} seen={seen} yarn={yarn} />
          </svg>
          {title}
          <span className="visually-hidden">
            : <Say>{describe(features)}</Say>
          </span>
        </li>
      ))}
    </Row>
  )
}
