'use client'

import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import styled from 'styled-components'
import { BookOpen, CircleQuestionMark, FlaskConical, Flame, Layers, Scissors, Shirt, Sparkle } from 'lucide-react'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { ButtonLink, LoneLink, StrongLink } from '@/ui/kit/links'
import { Actions, Lead, Page, Soft, Stack } from '@/ui/kit/surfaces'
import { SampleOffer } from '../shared/sample/SampleOffer'
import { LookedOver } from '../shared/stash/LookedOver'
import { StashShelf, type Fold } from '../shared/stash/Shelf'
import { ContinueBurn } from '../shared/burn/ContinueBurn'
import { type InProgress } from './load'
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
    display: grid;
    grid-template-columns: 2.6rem minmax(0, 1fr);
    gap: 0.25rem;
  }
  li > svg {
    color: var(--walnut);
    margin-top: 0.2rem;
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
    grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  }
`
const Big = styled(Actions)`
  > a {
    flex: 1 1 13rem;
    justify-content: center;
    gap: 0.6rem;
    min-height: 4rem;
    font-size: 1.15rem;
  }
`
const ProjectCard = styled(Link)`
  display: grid;
  grid-template-columns: 6rem minmax(0, 1fr);
  gap: 0.9rem;
  align-items: center;
  min-height: 4rem;
  background: var(--paper);
  color: var(--ink);
  border: 1px solid var(--line);
  border-left: 8px solid var(--madder);
  border-radius: 4px;
  text-decoration: none;
  overflow: hidden;
  b {
    display: block;
    color: var(--indigo);
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  > svg {
    justify-self: center;
  }
  > span:last-child {
    padding: 0.5rem 0.75rem 0.5rem 0;
  }
`

interface Props {
  inProgress: InProgress
  things: readonly NextThing[]
  /** What was touched last, the latest first. */
  folds: readonly Fold[]
  pieces: number
  /** Pieces that are still being looked over. */
  left: number
}

/** The first page: what to begin, what waits to be continued, what is worth doing now and why, and what is recent. */
export function TableTop({ inProgress, things, folds, pieces, left }: Props) {
  const isNew = things.length === 0
  return (
    <Page>
      <h1>What is this fabric, and what can it become?</h1>
      <Top>
        <Stack>
          <Big>
            <StrongLink href="/identify">
              <FlaskConical aria-hidden size={24} strokeWidth={1.75} />
              Identify a fabric
            </StrongLink>
            <ButtonLink href="/stash/add">
              <Layers aria-hidden size={24} strokeWidth={1.75} />
              Add a fabric
            </ButtonLink>
          </Big>
          {isNew ? (
            <>
              <Lead>
                Identify fabrics you know nothing about, record them once, and choose the right one for each pattern.
              </Lead>
              <SampleOffer />
            </>
          ) : null}
          <Begun {...inProgress} />
        </Stack>
        <Stack $gap="0.75rem" as="section" aria-labelledby="next">
          <h2 id="next">{isNew ? 'How it works' : 'Suggested next steps'}</h2>
          <Things>
            {(isNew ? BEGINNING : things).map(({ id, says, why, href }) => {
              const Icon = ICONS[id] ?? Sparkle
              return (
                <li key={id}>
                  <Icon aria-hidden size={30} strokeWidth={1.5} />
                  <div>
                    <Link href={href} prefetch={false}>
                      {says}
                    </Link>
                    <Soft>{why}</Soft>
                  </div>
                </li>
              )
            })}
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
          <LoneLink href="/stash">Show all {countNoun(pieces, 'fabric')}</LoneLink>
        </p>
      ) : null}
    </Page>
  )
}

/** What was begun, a card each; nothing where nothing was. */
function Begun({ burns, projects }: InProgress) {
  if (burns.length + projects.length === 0) return null
  return (
    <Stack as="section" aria-labelledby="begun" $gap="0.75rem">
      <h2 id="begun">In progress</h2>
      {burns.map((burn) => (
        <ContinueBurn key={burn.id} burn={burn} />
      ))}
      {projects.map(({ id, name, next, fabric }) => (
        <ProjectCard key={id} href={`/make/projects/${id}`} prefetch={false}>
          {fabric ? (
            <ClothSwatch
              tile={fabric.tile}
              label={`${fabric.name}, drawn`}
              height="4.6rem"
              scale={0.6}
              teeth={false}
            />
          ) : (
            <Scissors aria-hidden size={34} strokeWidth={1.5} />
          )}
          <span>
            <b>{name}</b> Next step: {next.toLowerCase()}
          </span>
        </ProjectCard>
      ))}
    </Stack>
  )
}

const ICONS: Readonly<Record<string, typeof Sparkle>> = {
  first: Flame,
  'find-out': FlaskConical,
  keep: Layers,
  choose: Shirt,
  'in-hand': FlaskConical,
  'loose-test': Flame,
  mystery: CircleQuestionMark,
  practice: BookOpen,
  'first-pattern': Scissors,
  controls: Flame,
  'burn-control': Flame,
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
