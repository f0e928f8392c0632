'use client'

import styled from 'styled-components'
import { type MaterialTold } from '@/core/materials/told'
import { Paper, Soft } from '@/ui/kit/surfaces'
import { Say } from '@/ui/text/Say'

const Rows = styled.dl`
  margin: 0;
  display: grid;
  gap: 0.35rem 1rem;
  grid-template-columns: minmax(6rem, auto) minmax(0, 1fr);
  dt {
    color: var(--ink-soft);
  }
  dd {
    margin: 0;
  }
  @media (max-width: 30rem) {
    grid-template-columns: minmax(0, 1fr);
    dd + dt {
      margin-top: 0.4rem;
    }
  }
`

/** How a material without threads is told, kept and handled. */
export function MaterialCard({ told }: { told: MaterialTold }) {
  return (
    <Paper aria-labelledby="material">
      <h2 id="material">Handling {told.name}</h2>
      {told.thickness ? (
        <p>
          <Say>{told.thickness}</Say>.
        </p>
      ) : null}
      <Rows>
        {told.rows.map(({ title, text }) => (
          <Pair key={title} title={title} text={text} />
        ))}
      </Rows>
      <Soft>Common practice; limits from memory.</Soft>
    </Paper>
  )
}

function Pair({ title, text }: MaterialTold['rows'][number]) {
  return (
    <>
      <dt>{title}</dt>
      <dd>
        <Say>{text}</Say>
      </dd>
    </>
  )
}
