'use client'

import styled from 'styled-components'
import { Paper, PlainList } from '@/ui/kit/surfaces'
import { beforeTheFlame, firstAid, inTheSmoke, limits, neverBurn, withChemicals } from './content'
import { Say } from '@/ui/text/Say'

const Steps = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.9rem 1.5rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 17rem), 1fr));
  li {
    border-top: 3px solid var(--weld);
    padding-top: 0.45rem;
  }
  b {
    display: block;
  }
`

interface Titled {
  title: string
  text: string
}

/** Everything that is to be read before a flame, and what to do when something has gone wrong. */
export function SafetyText() {
  return (
    <>
      <Cards id="before-flame" title="Prepare the place" cards={beforeTheFlame} />
      <Lines id="never-burn" title="Never burn" lines={neverBurn} />
      <FirstAid />
      <Lines id="smoke" title="Why you must not breathe the smoke" lines={inTheSmoke} />
      <Lines id="chemicals" title="Acetone and bleach" lines={withChemicals} />
      <Lines id="limits" title="What a burn test is not" lines={limits} />
    </>
  )
}

/** One tap away from the bench. */
export function FirstAid() {
  return <Cards id="first-aid" title="First aid" cards={firstAid} />
}

function Cards({ id, title, cards }: { id: string; title: string; cards: readonly Titled[] }) {
  return (
    <Paper aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      <Steps>
        {cards.map((card) => (
          <li key={card.title}>
            <b>
              <Say>{card.title}</Say>
            </b>
            <Say>{card.text}</Say>
          </li>
        ))}
      </Steps>
    </Paper>
  )
}

function Lines({ id, title, lines }: { id: string; title: string; lines: readonly string[] }) {
  return (
    <Paper aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      <PlainList>
        {lines.map((text) => (
          <li key={text}>
            <Say>{text}</Say>
          </li>
        ))}
      </PlainList>
    </Paper>
  )
}
