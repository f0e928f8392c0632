'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import styled from 'styled-components'
import { Lead, Page, Callout, Soft } from '@/ui/kit/surfaces'
import { HowToDrawing } from '@/ui/measuring/HowTo'
import { type BenchData } from './load'
import { type MeasurementInfo } from './info'
import { PieceChoice } from './PieceChoice'
import { Say } from '@/ui/text/Say'

const Grid = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 19rem), 1fr));
`
const Narrow = styled.div`
  max-width: 26rem;
`
const Tool = styled(Link)`
  display: grid;
  grid-template-columns: 6.5rem minmax(0, 1fr);
  gap: 0.25rem 1rem;
  align-items: center;
  height: 100%;
  min-height: 7.5rem;
  padding: 0.7rem 0.9rem;
  background: var(--paper);
  border: 1px solid var(--line);
  border-left: 6px solid var(--weld);
  border-radius: 3px;
  color: var(--ink);
  text-decoration: none;
  svg {
    width: 100%;
    height: auto;
    display: block;
  }
  h2 {
    font-size: 1.15rem;
    color: var(--indigo);
    text-decoration: underline;
    text-underline-offset: 0.2em;
  }
  small {
    font-size: 0.92rem;
    color: var(--ink-soft);
    line-height: 1.35;
    display: block;
    margin-top: 0.2rem;
  }
  small + small {
    color: var(--ink);
    font-weight: 600;
  }
  &:hover {
    background: var(--paper-deep);
  }
`

/** Every test of the measuring bench, and the piece that it is done on. */
export function MeasureHub({ pieces, piece, kinds }: BenchData & { kinds: readonly MeasurementInfo[] }) {
  const router = useRouter()
  const query = piece ? `?piece=${piece.id}` : ''
  const taken = (forms: readonly string[]) =>
    (piece?.measurements ?? []).filter(({ data }) => forms.includes(data.kind)).length
  return (
    <Page>
      <div>
        <h1>Measure a fabric</h1>
        <Lead>What you can measure with kitchen tools, a ruler and your hands.</Lead>
      </div>
      <Narrow>
        <PieceChoice
          pieces={pieces}
          chosen={piece?.id ?? null}
          onChoose={(id) => router.push(id ? `/identify/measure?piece=${id}` : '/identify/measure')}
        />
      </Narrow>
      {piece ? (
        <Callout>
          What we know, and what is worth measuring next, is on{' '}
          <Link href={`/stash/${piece.id}`}>the fabric’s page</Link>.
        </Callout>
      ) : null}
      <Grid>
        {kinds.map(({ id, title, finds, forms }) => (
          <li key={id}>
            <Tool href={`/identify/measure/${id}${query}`} prefetch={false}>
              <HowToDrawing test={id} />
              <div>
                <h2>
                  <Say>{title}</Say>
                </h2>
                <small>
                  <Say>{finds}</Say>
                </small>
                {taken(forms) > 0 ? (
                  <small>{taken(forms) === 1 ? 'One reading' : `${taken(forms)} readings`}</small>
                ) : null}
              </div>
            </Tool>
          </li>
        ))}
        <li>
          <Tool href="/learn/weave" prefetch={false}>
            <HowToDrawing test="weave" />
            <div>
              <h2>Weave editor</h2>
              <small>Any weave as fabric, front and back: floats, share of warp, the angle of a twill.</small>
            </div>
          </Tool>
        </li>
        <li>
          <Tool href={`/identify/name${query}`} prefetch={false}>
            <HowToDrawing test="inspect" />
            <div>
              <h2>Name this fabric</h2>
              <small>Look, feel, turn it over: each question narrows it down as much as possible.</small>
            </div>
          </Tool>
        </li>
      </Grid>
      <Soft>Readings from before and after washing are always kept apart.</Soft>
    </Page>
  )
}
