'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { PlaceDrawing, STRIP_PLACES } from '@/ui/burn'
import { type BurnToContinue } from './loadUnfinished'
import { continueWords } from './session'

const Card = styled(Link)`
  display: grid;
  gap: 0.3rem;
  padding: 0.6rem 0.9rem 0.7rem;
  background: var(--paper);
  color: var(--ink);
  border: 1px solid var(--line);
  border-left: 8px solid var(--weld);
  border-radius: 4px;
  text-decoration: none;
  b {
    display: block;
    color: var(--indigo);
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  .strip {
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
  }
  svg {
    display: block;
    width: 100%;
    height: 3.2rem;
    border-radius: 0;
  }
`

/** A burn that was left, as far as its strip goes: all of it leads back to the question that it stopped at. */
export function ContinueBurn({ burn: { id, at, of, seen } }: { burn: BurnToContinue }) {
  return (
    <Card href={`/identify/burn/${id}`} prefetch={false}>
      <span className="strip" aria-hidden>
        {STRIP_PLACES.map(({ id: place }) => (
          <svg key={place} className="drawn" viewBox="0 15 120 85" focusable="false">
            <PlaceDrawing place={place} seen={seen} />
          </svg>
        ))}
      </span>
      <span>
        <b>{continueWords(at)}</b> {of ?? 'Fabric not in your stash yet'}
      </span>
    </Card>
  )
}
