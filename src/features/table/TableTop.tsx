'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { BurnStrip } from '@/ui/burn'
import { ButtonLink, StrongLink } from '@/ui/controls/links'
import { Actions, Lead, Page, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { Shelf, type Fold } from '../stash/Shelf'

const Top = styled.div`
  display: grid;
  gap: 1.5rem 2.5rem;
  align-items: center;
  grid-template-columns: minmax(0, 1fr);
  @media (min-width: 60rem) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  }
`
const Steps = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1.25rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
`

const ON_THE_TABLE = 12

const STEPS = [
  [
    'Find out what it is',
    'Burn a pinch of yarns and answer as you watch. You get the likeliest fibre, how sure that is, and what ' +
      'would settle it.',
    '/bench',
    'To the burn bench',
  ],
  [
    'Weigh it, keep it',
    'A kitchen scale and a ruler are enough: the weight comes with its doubt, and the piece goes on the shelf.',
    '/stash/new',
    'Weigh a piece',
  ],
  [
    'See what it suits',
    'Every pattern is held against every piece: what fits, what does not, and what would rescue it.',
    '/patterns',
    'To the patterns',
  ],
] as const

/** The first page: what to do next, and what lies there. */
export function TableTop({
  folds,
  patterns,
  loose,
}: {
  folds: readonly Fold[]
  patterns: number
  loose: readonly string[]
}) {
  const mysteries = folds.filter(({ known }) => !known)
  const shown = [...mysteries, ...folds.filter(({ known }) => known)].slice(0, ON_THE_TABLE)
  return (
    <Page>
      <Top>
        <div style={{ display: 'grid', gap: '1rem' }}>
          <h1>What is this cloth, and what will it make?</h1>
          <Lead>
            For cloth whose story is lost: find out what it is, write it down once, and pick the right piece for a
            pattern without ruining either.
          </Lead>
          <Actions>
            <StrongLink href="/bench">Burn a mystery piece</StrongLink>
            <ButtonLink href="/stash/new">Weigh and keep a piece</ButtonLink>
          </Actions>
          {loose.length > 0 ? (
            <Slip>
              A burn test is begun and not kept yet:{' '}
              <Link href={`/bench/${loose[0]}`}>go on with test {loose[0]}</Link>.
            </Slip>
          ) : null}
          {loose.length === 0 && mysteries.length > 0 ? (
            <Slip>
              <b>Next:</b> {mysteries.length === 1 ? 'one piece is' : `${mysteries.length} pieces are`} still a
              mystery.{' '}
              <Link href={`/stash/${mysteries[0]!.id}`} prefetch={false}>
                Begin with {mysteries[0]!.name}
              </Link>
              .
            </Slip>
          ) : null}
          {folds.length > 0 && patterns === 0 ? (
            <Slip>
              <b>Next:</b> <Link href="/patterns/new">write a pattern down</Link>, and see which piece suits it.
            </Slip>
          ) : null}
        </div>
        <BurnStrip
          seen={{
            approach: ['melts-back'],
            melting: ['melts-drips'],
            'after-removal': ['dies-soon'],
            smoke: ['black-sooty'],
            smell: ['sweet-chemical'],
            residue: ['hard-bead'],
          }}
          describe={() => 'an example: polyester'}
        />
      </Top>
      {folds.length > 0 ? (
        <section style={{ display: 'grid', gap: '1rem' }} aria-labelledby="shelf">
          <h2 id="shelf">On the shelf</h2>
          <Shelf folds={shown} label="Pieces, the mysteries first" />
          <p>
            <Link href="/stash">
              All {folds.length} {folds.length === 1 ? 'piece' : 'pieces'}
            </Link>
          </p>
        </section>
      ) : null}
      <Steps>
        {STEPS.map(([title, text, href, go]) => (
          <li key={href}>
            <Paper style={{ height: '100%' }}>
              <h2>{title}</h2>
              <p>{text}</p>
              <p>
                <Link href={href}>{go}</Link>
              </p>
            </Paper>
          </li>
        ))}
      </Steps>
      <Soft>
        Read <Link href="/safety">the cautions</Link> before the first flame.
      </Soft>
    </Page>
  )
}
