'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { briefCautions } from '../../shared/safety/content'
import { Soft } from '@/ui/kit/surfaces'
import { Say } from '@/ui/text/Say'
import { SafeBench } from './SafeBench'

const Box = styled.section`
  display: grid;
  gap: 0.75rem 2rem;
  align-items: center;
  grid-template-columns: minmax(0, 1fr);
  @media (min-width: 60rem) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
  svg {
    display: block;
    width: 100%;
    height: auto;
    max-height: 38dvh;
  }
  ol {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 0.45rem;
  }
  li {
    display: grid;
    grid-template-columns: 1.9rem minmax(0, 1fr);
    line-height: 1.3;
  }
  li > b {
    color: var(--madder);
    font-size: 1.1rem;
  }
`

/** What must be in place before a flame: one picture, and a line to each number in it. */
export function Cautions() {
  return (
    <Box aria-label="Cautions">
      <SafeBench />
      <ol>
        {briefCautions.map((line, i) => (
          <li key={line}>
            <b aria-hidden>{i + 1}</b>
            <Say>{line}</Say>
          </li>
        ))}
      </ol>
      <Soft>
        For adults. Local fire rules come first. <Link href="/safety">All cautions and first aid</Link>
      </Soft>
    </Box>
  )
}
