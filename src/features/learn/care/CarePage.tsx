'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { capitalise } from '@/core/units/format'
import { CareDrawing } from '@/ui/care/CareDrawing'
import { Lead, Page, Paper, Soft, Tiles } from '@/ui/kit/surfaces'
import { type CareData } from './load'
import { Say } from '@/ui/text/Say'

const Signs = styled.dl`
  margin: 0;
  display: grid;
  gap: 0.7rem;
  > div {
    display: grid;
    grid-template-columns: 3.6rem minmax(0, 1fr);
    column-gap: 0.8rem;
  }
  svg {
    grid-row: span 2;
    align-self: center;
  }
  dt {
    font-weight: 600;
    align-self: end;
  }
  dd {
    margin: 0;
    color: var(--ink-soft);
  }
  div:target {
    border-left: 4px solid var(--weld);
    padding-left: 0.6rem;
  }
`

/** The signs on care labels, in words. */
export function CarePage({ groups }: CareData) {
  return (
    <Page>
      <div>
        <h1>Care symbols</h1>
        <Lead>
          A tub means washing, a triangle bleaching, a square drying, an iron ironing, a circle professional cleaning.
        </Lead>
        <Soft>
          <Say>
            More dots are hotter; one bar below is gentle, two are gentlest; a cross means “do not”. ISO 3758:2012,
            Textiles – Care labelling code using symbols.
          </Say>
        </Soft>
      </div>
      <Tiles>
        {groups.map(({ group, title, symbols }) => (
          <Paper key={group} aria-labelledby={`group-${group}`}>
            <h2 id={`group-${group}`}>{capitalise(title)}</h2>
            <Signs>
              {symbols.map(({ id, words, shape, pieces }) => (
                <div key={id} id={id}>
                  <CareDrawing id={id} size={52} />
                  <dt>
                    <Link href={`/learn/care/${id}`} prefetch={false}>
                      {capitalise(shape)}
                    </Link>
                  </dt>
                  <dd>
                    {capitalise(words)}.{piecesWords(pieces)}
                  </dd>
                </div>
              ))}
            </Signs>
          </Paper>
        ))}
      </Tiles>
    </Page>
  )
}

function piecesWords(pieces: number): string {
  if (pieces === 0) return ''
  return ` On ${pieces === 1 ? 'one of your fabrics' : `${pieces} of your fabrics`}.`
}
