'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { type Technique } from '@/core/sew/techniques'
import { TechniqueDrawing } from '@/ui/technique/TechniqueDrawing'
import { Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/kit/Terms'

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
const Jump = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
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
const Key = styled.p`
  color: var(--ink-soft);
`

/** A seam that was sewn so on a scrap of a piece. */
export interface TriedSeam {
  id: string
  words: string
  picture: string | null
  piece: { id: string; name: string }
}

interface Props {
  techniques: readonly Technique[]
  /** By the technique, the latest first. */
  tried: Readonly<Record<string, readonly TriedSeam[]>>
}

/** Seams, hems and ways of working, drawn step by step. */
export function TechniquesPage({ techniques, tried }: Props) {
  return (
    <Page>
      <div>
        <h1>Seams, hems and ways</h1>
        <Lead>Step by step, the cloth seen from its edge. Try each on a scrap of the very cloth.</Lead>
      </div>
      <Jump aria-label="Techniques">
        {techniques.map(({ id, name }) => (
          <a key={id} href={`#${id}`}>
            {name}
          </a>
        ))}
      </Jump>
      <Key>
        Thick lines are cloth, one colour a piece; broken red is stitching; long and short is a cut; dotted is a fold.
      </Key>
      {techniques.map(({ id, name, for: goodFor, notFor, steps }) => (
        <Paper key={id} id={id} aria-labelledby={`title-${id}`}>
          <h2 id={`title-${id}`}>{name}</h2>
          <Soft>
            For {goodFor}.{notFor ? ` Not for ${notFor}.` : ''}
          </Soft>
          <Row>
            {steps.map(({ text, drawing }) => (
              <li key={text}>
                <TechniqueDrawing drawing={drawing} />
                <p>
                  <Terms>{text}</Terms>
                </p>
              </li>
            ))}
          </Row>
          <Tried seams={tried[id] ?? []} />
        </Paper>
      ))}
    </Page>
  )
}

/** The person’s own scraps. */
function Tried({ seams }: { seams: readonly TriedSeam[] }) {
  if (seams.length === 0) return null
  return (
    <section aria-label="Your own scraps">
      <b>Your own scraps</b>
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
    </section>
  )
}
