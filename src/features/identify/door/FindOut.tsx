'use client'

import { Flame, Droplets, Eye, Ruler, ScanSearch, Tags } from 'lucide-react'
import Link from 'next/link'
import styled from 'styled-components'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Lead, Page, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { type HandStrip } from '../../shared/hand/strip'
import { takeInHand } from './actions'
import { Say } from '@/ui/text/Say'

const Doors = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.9rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 18rem), 1fr));
`
const Door = styled(Link)`
  display: grid;
  grid-template-columns: 2.75rem minmax(0, 1fr);
  gap: 0 0.9rem;
  align-items: start;
  height: 100%;
  padding: 0.9rem 1rem;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 3px;
  color: var(--ink);
  text-decoration: none;
  svg {
    color: var(--madder);
    margin-top: 0.2rem;
  }
  b {
    display: block;
    color: var(--indigo);
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  small {
    font-size: 0.95rem;
    line-height: 1.35;
  }
  &:hover {
    background: var(--paper-deep);
  }
`

const DOORS = [
  {
    path: '/identify/burn',
    Icon: Flame,
    title: 'Burn test',
    about: 'Finds the fibre content as far as a flame can. Takes ten minutes, an open window and tongs.',
  },
  {
    path: '/identify/tests',
    Icon: Droplets,
    title: 'Tests without a flame',
    about:
      'Water, touch, a loupe, acetone or bleach: where you can’t use a flame, or a flame can’t tell ' +
      'two fibres apart.',
  },
  {
    path: '/identify/name',
    Icon: Eye,
    title: 'Name it by looking',
    about: 'Woven or knit, which weave, which finish: what shops call it.',
  },
  {
    path: '/identify/measure',
    Icon: Ruler,
    title: 'Measure it',
    about: 'Weight, stretch, drape and more, with a scale, a ruler and your hands.',
  },
  {
    path: '/identify/measure/loupe',
    Icon: ScanSearch,
    title: 'Count threads',
    about: 'From a photo or by hand: with the yarns, it gives the weight as well.',
  },
  {
    path: '/identify/samples',
    Icon: Tags,
    title: 'Compare with a known sample',
    about: 'Smells are personal: a known wool or viscose beside it helps more than any table.',
  },
] as const

interface Props {
  strip: HandStrip | undefined
  /** Cloths taken in hand before, and not put on a shelf yet. */
  begun: { id: string; name: string }[]
}

/** The one way in: a cloth in hand, what is known of it, and the doors that would tell more. */
export function FindOut({ strip, begun }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  const query = strip ? `?piece=${strip.id}` : ''
  return (
    <Page>
      <div>
        <h1>{strip ? 'What is this fabric?' : 'Identify a fabric'}</h1>
        {strip?.next ? (
          <Lead>
            <Say>{strip.next.why}</Say>
          </Lead>
        ) : (
          <Lead>
            {strip
              ? 'The main facts are known. Save it, or look closer.'
              : 'Take one fabric. All results are kept together, whichever way you start.'}
          </Lead>
        )}
      </div>
      {strip ? (
        <Actions>
          {strip.next ? (
            <StrongLink href={strip.next.href}>{strip.next.says}</StrongLink>
          ) : (
            <StrongLink href={`/stash/${strip.id}`}>See everything we know</StrongLink>
          )}
          <QuietButton isDisabled={busy} onPress={() => doing(takeInHand)}>
            Identify another fabric
          </QuietButton>
        </Actions>
      ) : (
        <Actions>
          <StrongButton isDisabled={busy} onPress={() => doing(takeInHand)}>
            {busy ? 'Getting ready…' : 'Start with this fabric'}
          </StrongButton>
          <Link href="/stash">It is already in my stash</Link>
        </Actions>
      )}
      <Trouble>{trouble}</Trouble>
      {begun.length > 0 ? (
        <Callout>
          <b>Not saved yet:</b>
          <PlainList>
            {begun.map(({ id, name }) => (
              <li key={id}>
                <Link href={`/identify?piece=${id}`}>{name}</Link>
              </li>
            ))}
          </PlainList>
        </Callout>
      ) : null}
      <Stack $gap="0.75rem" as="section" aria-labelledby="doors">
        <h2 id="doors">Ways to find out</h2>
        <Soft>In any order; each says what it would show.</Soft>
        <Doors>
          {DOORS.map(({ path, Icon, title, about }) => (
            <li key={path}>
              <Door href={`${path}${query}`} prefetch={false}>
                <Icon aria-hidden size={30} strokeWidth={1.5} />
                <span>
                  <b>{title}</b>
                  <small>
                    <Say>{about}</Say>
                  </small>
                </span>
              </Door>
            </li>
          ))}
        </Doors>
      </Stack>
    </Page>
  )
}
