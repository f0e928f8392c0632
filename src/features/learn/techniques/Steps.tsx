'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { type Technique } from '@/core/sew/techniques'
import { TechniqueDrawing } from '@/ui/technique/TechniqueDrawing'
import { Soft } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { phrase } from '@/core/text/text'
import { Say } from '@/ui/text/Say'

const Row = styled.ol`
  margin: 0;
  padding: 0;
  list-style: none;
  counter-reset: step;
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 13rem), 1fr));
  li {
    counter-increment: step;
    display: grid;
    gap: 0.4rem;
    align-content: start;
  }
  p::before {
    content: counter(step) '. ';
    font-weight: 700;
  }
`
const Scraps = styled.ul`
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.2rem;
  li {
    display: grid;
    gap: 0.3rem;
    max-width: 16rem;
  }
  img {
    max-width: 100%;
    max-height: 8rem;
    border: 1px solid var(--line);
  }
`
/** A seam that was sewn so on a scrap of a piece. */
export interface TriedSeam {
  id: string
  words: string
  picture: string | null
  piece: { id: string; name: string }
}

/** What its lines mean. */
export const DRAWN_SO =
  'Thick lines are fabric, one colour for each piece; broken red lines are stitches; dash-dot ' +
  'lines are cuts; dotted lines are folds.'

/** What a technique is for, its steps drawn, and the person’s own scraps of it. */
export function TechniqueSteps({ technique, tried }: { technique: Technique; tried: readonly TriedSeam[] }) {
  const { for: goodFor, notFor, steps } = technique
  return (
    <>
      <Soft>
        <Say>{notFor ? phrase`For ${goodFor}. Not for ${notFor}.` : phrase`For ${goodFor}.`}</Say>
      </Soft>
      <Row>
        {steps.map(({ text, drawing }, i) => (
          <li key={i}>
            <TechniqueDrawing drawing={drawing} />
            <p>
              <Terms>{text}</Terms>
            </p>
          </li>
        ))}
      </Row>
      <Tried seams={tried} />
    </>
  )
}

/** The person’s own scraps. */
function Tried({ seams }: { seams: readonly TriedSeam[] }) {
  if (seams.length === 0) return null
  return (
    <div role="group" aria-label="Your test scraps">
      <b>Your test scraps</b>
      <Scraps>
        {seams.map(({ id, words, picture, piece }) => (
          <li key={id}>
            {picture ? <img src={`/pictures/${picture}`} alt={`On ${piece.name}: ${words}`} /> : null}
            <span>
              <Link href={`/stash/${piece.id}/sew`}>{piece.name}</Link>: {words}
            </span>
          </li>
        ))}
      </Scraps>
    </div>
  )
}
