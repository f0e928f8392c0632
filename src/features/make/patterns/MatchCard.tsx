'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { type Match, type Reason } from '@/core/choose/types'
import { type Body } from '@/core/vocabulary/cloth'
import { HeldUp } from '@/ui/cloth/HeldUp'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import { PlainList, Slip, Soft, Stack } from '@/ui/kit/surfaces'
import { pinsOf, propertyWords, STATUS_MARKS, VERDICT_WORDS } from '../../shared/choose/words'
import { Share } from '@/ui/kit/Share'

const Card = styled.article`
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 4px;
  padding: clamp(0.9rem, 2vw, 1.4rem);
  display: grid;
  gap: 1rem 1.75rem;
  grid-template-columns: minmax(0, 1fr);
  @media (min-width: 46rem) {
    grid-template-columns: 15rem minmax(0, 1fr);
  }
  h2 a {
    color: inherit;
  }
  .verdict {
    font-weight: 700;
  }
  .reasons {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 0.35rem 1.5rem;
  }
  .fits {
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 19rem), 1fr));
    color: var(--ink-soft);
  }
  .reasons li {
    display: grid;
    grid-template-columns: 1.6rem minmax(0, 1fr);
  }
  .mark {
    font-weight: 700;
  }
  .bad .mark {
    color: var(--madder);
  }
  .near .mark,
  .unknown .mark {
    color: var(--weld-ink);
  }
  .good .mark {
    color: var(--green);
  }
  .bad,
  .near {
    font-weight: 600;
  }
`
const Tape = styled.div`
  height: 0.7rem;
  border: 1.5px solid var(--ink);
  background: repeating-linear-gradient(90deg, var(--ink) 0 1.5px, transparent 1.5px 10%), var(--paper-deep);
  position: relative;
  max-width: 22rem;
  i {
    position: absolute;
    inset: 0 auto 0 0;
    background: color-mix(in srgb, var(--weld) 75%, transparent);
    border-right: 3px solid var(--ink);
  }
`

interface Props {
  title: string
  href: string
  under: string
  match: Match
  tile: TileSpec
  body: Body
  clothName: string
}

/** One cloth held up for one pattern: how well, why, and what would rescue it. */
export function MatchCard({ title, href, under, match, tile, body, clothName }: Props) {
  const { score, certainty, verdict, reasons, remedies, measureNext, cautions } = match
  const [measure] = measureNext
  return (
    <Card>
      <HeldUp tile={tile} body={body} pins={pinsOf(match)} label={`${clothName}, held up: a ${body} fall`} />
      <Stack $gap="0.8rem">
        <div>
          <h2>
            <Link href={href} prefetch={false}>
              {title}
            </Link>
          </h2>
          <Soft>{under}</Soft>
        </div>
        {cautions.map(({ id, text }) => (
          <Slip key={id} $tone="warn">
            {text}
          </Slip>
        ))}
        <div>
          <p className="verdict">
            {VERDICT_WORDS[verdict]}: {Math.round(score * 100)} out of 100
          </p>
          <Tape aria-hidden>
            <Share $of={score} />
          </Tape>
          <Soft>
            {certainty >= 0.8
              ? 'Measured or said, hardly guessed.'
              : certainty >= 0.5
                ? 'Partly guessed from its name.'
                : 'Mostly guesswork so far.'}
          </Soft>
        </div>
        <Reasons reasons={reasons.filter(({ status }) => status !== 'good')} label="What to mind" />
        <Reasons reasons={reasons.filter(({ status }) => status === 'good')} label="What fits" className="fits" />
        {remedies.length > 0 && verdict !== 'unsuitable' ? (
          <div>
            <h3>What would help</h3>
            <PlainList>
              {remedies.slice(0, 3).map(({ id, text, scoreAfter }) => (
                <li key={id}>
                  {text} <Soft as="span">Then {Math.round(scoreAfter * 100)}.</Soft>
                </li>
              ))}
            </PlainList>
          </div>
        ) : null}
        {measure && verdict !== 'unsuitable' ? (
          <Soft>Worth measuring next: {propertyWords(measure.property)}.</Soft>
        ) : null}
      </Stack>
    </Card>
  )
}

function Reasons({
  reasons,
  label,
  className = '',
}: {
  reasons: readonly Reason[]
  label: string
  className?: string
}) {
  if (reasons.length === 0) return null
  return (
    <ul className={`reasons ${className}`} aria-label={label}>
      {reasons.map(({ property, status, text }) => (
        <li key={property} className={status}>
          <span className="mark" aria-hidden>
            {STATUS_MARKS[status].mark}
          </span>
          <span>
            <span className="visually-hidden">{STATUS_MARKS[status].words}: </span>
            {text}
          </span>
        </li>
      ))}
    </ul>
  )
}
