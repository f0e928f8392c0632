'use client'

import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import styled from 'styled-components'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Lead, Page, Soft, Stack } from '@/ui/kit/surfaces'
import { LookedOver } from '../shared/stash/LookedOver'
import { StashShelf, type Fold } from '../shared/stash/Shelf'
import { type NextThing } from './nextThings'

const Things = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1px;
  background: var(--line);
  border: 1px solid var(--line);
  border-left: 8px solid var(--weld);
  border-radius: 3px;
  li {
    background: var(--paper);
    padding: 0.8rem 1.1rem;
  }
  li a {
    font-size: 1.1rem;
    font-weight: 600;
  }
`
const Top = styled.div`
  display: grid;
  gap: 1.5rem 2.5rem;
  align-items: start;
  grid-template-columns: minmax(0, 1fr);
  @media (min-width: 60rem) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  }
`

interface Props {
  things: readonly NextThing[]
  /** What was touched last, the latest first. */
  folds: readonly Fold[]
  pieces: number
  /** Pieces that are still being looked over. */
  left: number
}

/** The first page: what is worth doing now and why, and what was touched last. */
export function TableTop({ things, folds, pieces, left }: Props) {
  return (
    <Page>
      <Top>
        <Stack>
          <h1>What is this cloth, and what will it make?</h1>
          <Lead>
            For cloth whose story is lost: find out what it is, write it down once, and pick the right piece for a
            pattern without ruining either.
          </Lead>
          <Actions>
            <StrongLink href="/find-out">Find out what a cloth is</StrongLink>
            <Link href="/stash/new">Weigh and keep a piece</Link>
          </Actions>
          <Soft>
            Read <Link href="/safety">the cautions</Link> before the first flame.
          </Soft>
        </Stack>
        <Stack $gap="0.75rem" as="section" aria-labelledby="next">
          <h2 id="next">{things.length > 0 ? 'Worth doing now' : 'How it goes'}</h2>
          {things.length > 0 ? <Soft>What somebody who does this daily would do next, and why.</Soft> : null}
          <Things>
            {(things.length > 0 ? things : BEGINNING).map(({ id, says, why, href }) => (
              <li key={id}>
                <Link href={href} prefetch={false}>
                  {says}
                </Link>
                <Soft>{why}</Soft>
              </li>
            ))}
          </Things>
        </Stack>
      </Top>
      <LookedOver left={left} />
      {folds.length > 0 ? (
        <Stack as="section" aria-labelledby="shelf">
          <h2 id="shelf">Touched last</h2>
          <StashShelf folds={folds} label="Pieces, the last touched first" />
        </Stack>
      ) : null}
      {pieces > 0 ? (
        <p>
          <Link href="/stash">All {countNoun(pieces, 'piece')}</Link>
        </p>
      ) : null}
    </Page>
  )
}

/** The job in its order, for somebody who begins. */
const BEGINNING: readonly NextThing[] = [
  {
    id: 'first',
    says: 'Never done it? The first five minutes',
    why: 'What to gather, and a first safe burn of two threads that you know.',
    href: '/learn/first',
  },
  {
    id: 'find-out',
    says: 'Find out what it is',
    why: 'Burn a pinch of yarns, look, weigh, stretch: the likeliest answer, how sure, and what would settle it.',
    href: '/find-out',
  },
  {
    id: 'keep',
    says: 'Write it down once',
    why: 'A kitchen scale and a ruler are enough; the piece goes on the shelf with all that is known.',
    href: '/stash/new',
  },
  {
    id: 'choose',
    says: 'See what it suits',
    why: 'Every pattern is held against every piece: what fits, what does not, and what would rescue it.',
    href: '/patterns',
  },
]
