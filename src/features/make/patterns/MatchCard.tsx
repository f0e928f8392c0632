'use client'

import Link from 'next/link'
import { type ReactNode } from 'react'
import styled from 'styled-components'
import { type Match, type Reason } from '@/core/choose/fit/types'
import { type Enough } from '@/core/choose/enough/enough'
import { type Detail, type Garment } from '@/core/vocabulary/choosing'
import { type Body } from '@/core/vocabulary/cloth'
import { Figure } from '@/ui/garment/Figure'
import { type TileSpec } from '@/ui/cloth/tileUrl'
import { PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { pinsOf, propertyWords, STATUS_MARKS, verdictWords } from '../../shared/choose/words'
import { ShareBar } from '@/ui/kit/Share'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { enoughWords } from '../holding/enoughWords'
import { Say } from '@/ui/text/Say'

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

const Span = styled.b.attrs<{ $from: number; $to: number }>(({ $from, $to }) => ({
  style: { left: `${$from * 100}%`, right: `${100 - $to * 100}%` },
}))<{ $from: number; $to: number }>`
  position: absolute;
  top: 30%;
  bottom: 30%;
  background: var(--ink);
  opacity: 0.55;
`

interface Props {
  title: string
  href: string
  under: string
  match: Match
  tile: TileSpec
  body: Body
  clothName: string
  /** Light comes through it. */
  sheer: boolean
  garment: Garment | null
  details: readonly Detail[]
  enough: Enough | null
  /** The project that keeps it back. */
  keptBy: { id: string; name: string } | null
  /** What was made of such cloth before teaches. */
  lesson: string | null
  /** What can be done with it here. */
  actions?: ReactNode
}

/** One cloth held up for one pattern: how well, why, and what would rescue it. */
export function MatchCard({ title, href, under, match, actions, ...cloth }: Props) {
  const { verdict, reasons, remedies, together, measureNext, cautions } = match
  const { tile, body, sheer, garment, details, clothName, enough, keptBy, lesson } = cloth
  const { units } = usePreferences()
  const [measure] = measureNext
  return (
    <Card>
      <Figure
        garment={garment}
        details={details}
        tile={tile}
        body={body}
        sheer={sheer}
        pins={pinsOf(match)}
        label={`${clothName} drawn with its drape: ${body}`}
      />
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
          <Callout key={id} $tone="warn">
            <Say>{text}</Say>
          </Callout>
        ))}
        <Verdict match={match} />
        {enough ? <p>{enoughWords(enough, units)}</p> : null}
        {keptBy ? (
          <Callout $tone="warn">
            Reserved for <Link href={`/make/projects/${keptBy.id}`}>{keptBy.name}</Link>.
          </Callout>
        ) : null}
        {lesson ? <Callout>{lesson}</Callout> : null}
        <Reasons reasons={reasons.filter(({ status }) => status !== 'good')} label="Watch out for" />
        <Reasons reasons={reasons.filter(({ status }) => status === 'good')} label="Good for it" className="fits" />
        {verdict === 'unsuitable' ? null : <Helps remedies={remedies} together={together} />}
        {measure && verdict !== 'unsuitable' ? (
          <Soft>
            Measure next: <Say>{propertyWords(measure.property)}</Say>. This would help most.
          </Soft>
        ) : null}
        {actions}
      </Stack>
    </Card>
  )
}

/** The verdict, with the score as far as it is known. */
function Verdict({ match }: { match: Match }) {
  const { spread, interval80, score } = match
  return (
    <div>
      <p className="verdict">
        {verdictWords(match)}: <Say>{spread}</Say>
      </p>
      <Tape aria-hidden>
        <ShareBar $of={score} />
        <Span $from={interval80[0]} $to={interval80[1]} />
      </Tape>
    </div>
  )
}

/** What would rescue it: by itself, and together where one alone does not. */
function Helps({ remedies, together }: Pick<Match, 'remedies' | 'together'>) {
  if (remedies.length === 0) return null
  return (
    <div>
      <h3>What would help</h3>
      {together && together.ids.length > 1 ? (
        <p>
          With all of this it would suit: <Say>{together.text}</Say>
        </p>
      ) : null}
      <PlainList>
        {remedies.slice(0, 3).map(({ id, text, scoreAfter, costs }) => (
          <li key={id}>
            <Say>{text}</Say> {costs} <Soft as="span">Then about {Math.round(scoreAfter * 20) * 5}.</Soft>
          </li>
        ))}
      </PlainList>
    </div>
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
            <Say>{text}</Say>
          </span>
        </li>
      ))}
    </ul>
  )
}
