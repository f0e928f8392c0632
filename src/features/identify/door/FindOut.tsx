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
    path: '/bench',
    Icon: Flame,
    title: 'Burn a pinch of it (burn test)',
    about: 'What it is made of, as far as a flame can tell. Ten minutes, open window, tongs.',
  },
  {
    path: '/bench/tests',
    Icon: Droplets,
    title: 'Without a flame',
    about: 'Water, hand, lens, acetone, bleach: where a flame cannot be lit, or does not part two fibres.',
  },
  {
    path: '/inspect',
    Icon: Eye,
    title: 'Name it by looking (construction)',
    about: 'Woven or knit, which weave, which face: what shops call it.',
  },
  {
    path: '/measure',
    Icon: Ruler,
    title: 'Measure it (weight, stretch, drape …)',
    about: 'Scale, ruler and two hands: what a pattern asks for, in numbers with their doubt.',
  },
  {
    path: '/measure/loupe',
    Icon: ScanSearch,
    title: 'Count its threads (sett)',
    about: 'From a photograph or by hand: with its yarns it gives the weight over again.',
  },
  {
    path: '/bench/controls',
    Icon: Tags,
    title: 'Lay a known piece beside it (controls)',
    about: 'Smells are personal: a known wool or viscose beside it tells more than any table.',
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
        <h1>{strip ? 'What is this cloth?' : 'I have this in my hand'}</h1>
        {strip?.next ? (
          <Lead>{strip.next.why}</Lead>
        ) : (
          <Lead>
            {strip
              ? 'What decides is known. Keep it, or look closer.'
              : 'Take one cloth. Whatever you find out of it, by whichever door, stays together in one strip.'}
          </Lead>
        )}
      </div>
      {strip ? (
        <Actions>
          {strip.next ? (
            <StrongLink href={strip.next.href}>{strip.next.says}</StrongLink>
          ) : (
            <StrongLink href={`/stash/${strip.id}`}>See all that is known</StrongLink>
          )}
          <QuietButton isDisabled={busy} onPress={() => doing(takeInHand)}>
            Take another cloth
          </QuietButton>
        </Actions>
      ) : (
        <Actions>
          <StrongButton isDisabled={busy} onPress={() => doing(takeInHand)}>
            {busy ? 'Laying it out…' : 'Begin with this cloth'}
          </StrongButton>
          <Link href="/stash">It lies in the stash already</Link>
        </Actions>
      )}
      <Trouble>{trouble}</Trouble>
      {begun.length > 0 ? (
        <Callout>
          <b>Still in hand:</b>
          <PlainList>
            {begun.map(({ id, name }) => (
              <li key={id}>
                <Link href={`/find-out?piece=${id}`}>{name}</Link>
              </li>
            ))}
          </PlainList>
        </Callout>
      ) : null}
      <Stack $gap="0.75rem" as="section" aria-labelledby="doors">
        <h2 id="doors">Doors</h2>
        <Soft>Any order; each says what it would tell.</Soft>
        <Doors>
          {DOORS.map(({ path, Icon, title, about }) => (
            <li key={path}>
              <Door href={`${path}${query}`} prefetch={false}>
                <Icon aria-hidden size={30} strokeWidth={1.5} />
                <span>
                  <b>{title}</b>
                  <small>{about}</small>
                </span>
              </Door>
            </li>
          ))}
        </Doors>
      </Stack>
    </Page>
  )
}
