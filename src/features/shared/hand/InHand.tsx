'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import styled from 'styled-components'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { StrongLink } from '@/ui/kit/links'
import { type HandStrip, type Segment } from './strip'
import { Say } from '@/ui/text/Say'

const Strip = styled.section`
  max-width: 78rem;
  margin: 0 auto;
  padding: 1rem clamp(1rem, 3vw, 2rem) 0;
`
const Cloth = styled.div`
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
  overflow: hidden;
  @media (max-width: 44rem) {
    grid-template-columns: 2.5rem minmax(0, 1fr);
  }
`
const Told = styled.div`
  display: grid;
  gap: 0.5rem;
  padding: 0.7rem 0.9rem;
  min-width: 0;
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1.2rem;
    align-items: center;
  }
  .head b {
    font-family: 'Young Serif', Georgia, serif;
    font-weight: 400;
    font-size: 1.1rem;
    margin-right: auto;
  }
`
const Segments = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: 0.25rem 1.25rem;
  overflow-x: auto;
  li {
    flex: 0 0 auto;
    max-width: 15rem;
    display: grid;
    align-content: start;
    border-top: 3px solid var(--line);
    padding-top: 0.25rem;
    font-size: 0.92rem;
    line-height: 1.3;
  }
  li[data-how='measured'] {
    border-top-color: var(--green);
  }
  li[data-how='said'],
  li[data-how='foretold'],
  li[data-how='estimated'] {
    border-top: 3px dashed var(--weld);
  }
`

/** What a value rests on, so that colour is never the only sign. */
const HOW_MARK = { measured: '●', said: '○', foretold: '○', estimated: '○', unknown: '' } as const

/** The cloth in hand, and all that is known of it: the same strip behind every door. */
export function InHand({ id, name, inHand, tile, segments, next }: HandStrip) {
  const path = usePathname()
  const isHere = next !== null && next.href.split('?')[0] === path
  return (
    <Strip aria-label="The fabric you are identifying">
      <Cloth>
        <ClothSwatch tile={tile} label={`${name}, drawn`} height="100%" scale={0.7} />
        <Told>
          <div className="head">
            {path === '/identify' ? <b>{name}</b> : <Link href={`/identify?piece=${id}`}>{name}</Link>}
            {next && !isHere && path !== '/identify' ? (
              <Link href={next.href}>Next step: {lowerFirst(next.says)}</Link>
            ) : null}
            {inHand ? (
              <StrongLink href={`/stash/${id}/edit`}>Save to stash</StrongLink>
            ) : (
              <Link href={`/stash/${id}`}>Everything we know</Link>
            )}
          </div>
          <Segments aria-label="What we know so far">
            {segments.map((segment) => (
              <Known key={segment.id} segment={segment} />
            ))}
          </Segments>
        </Told>
      </Cloth>
    </Strip>
  )
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

function Known({ segment: { title, how, value, href } }: { segment: Segment }) {
  return (
    <li data-how={how}>
      <Link href={href} prefetch={false}>
        <Say>{title}</Say>
      </Link>
      <span>
        {HOW_MARK[how] ? <span aria-hidden>{HOW_MARK[how]} </span> : null}
        {value || 'open'}
      </span>
    </li>
  )
}
