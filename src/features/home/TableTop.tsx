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
          <h1>What is this fabric, and what can it become?</h1>
          <Lead>
            Identify fabrics you know nothing about, record them once, and choose the right one for each pattern.
          </Lead>
          <Actions>
            <StrongLink href="/identify">Identify a fabric</StrongLink>
            <Link href="/stash/add">Add a fabric</Link>
          </Actions>
          <Soft>
            Read <Link href="/safety">the cautions</Link> before your first burn test.
          </Soft>
        </Stack>
        <Stack $gap="0.75rem" as="section" aria-labelledby="next">
          <h2 id="next">{things.length > 0 ? 'Suggested next steps' : 'How it works'}</h2>
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
          <h2 id="shelf">Recent</h2>
          <StashShelf folds={folds} label="Recent fabrics" />
        </Stack>
      ) : null}
      {pieces > 0 ? (
        <p>
          <Link href="/stash">Show all {countNoun(pieces, 'fabric')}</Link>
        </p>
      ) : null}
    </Page>
  )
}

/** The job in its order, for somebody who begins. */
const BEGINNING: readonly NextThing[] = [
  {
    id: 'first',
    says: 'New here? Your first burn test',
    why: 'What to gather, and a first safe burn test with two threads that you know.',
    href: '/learn/first-burn',
  },
  {
    id: 'find-out',
    says: 'Identify it',
    why:
      'Burn a few yarns, look, weigh, stretch: you get the likeliest fibre, how sure it is, and ' +
      'what would tell for certain.',
    href: '/identify',
  },
  {
    id: 'keep',
    says: 'Record it once',
    why: 'A kitchen scale and a ruler are enough; the fabric goes into your stash with everything you ' + 'know.',
    href: '/stash/add',
  },
  {
    id: 'choose',
    says: 'See what it suits',
    why: 'We compare every pattern with every fabric: what suits, what does not, and how to rescue ' + 'the rest.',
    href: '/make/patterns',
  },
]
