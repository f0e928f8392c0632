'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import styled from 'styled-components'
import { SelectField } from '@/ui/controls/SelectField'
import { Lead, Page, Slip, Soft } from '@/ui/controls/surfaces'
import { HowToDrawing } from '@/ui/measuring/HowTo'
import { type BenchData } from './load'
import { benchTests } from './tests'

const Grid = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 1rem;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 19rem), 1fr));
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
export function MeasureHub({ pieces, piece }: BenchData) {
  const router = useRouter()
  const query = piece ? `?piece=${piece.id}` : ''
  const taken = (test: string) => (piece ? takenOf(piece, test) : 0)
  return (
    <Page>
      <div>
        <h1>Measure it</h1>
        <Lead>What a kitchen, a ruler and two hands can find out, with numbers where there are any.</Lead>
      </div>
      <div style={{ maxWidth: '26rem' }}>
        <SelectField
          label="Of which piece"
          value={String(piece?.id ?? '')}
          onChange={(value) => router.push(value ? `/measure?piece=${value}` : '/measure')}
          options={[
            ['', 'none of the stash: just try'],
            ...pieces.map(({ id, name }) => [String(id), name] as const),
          ]}
        />
      </div>
      {piece ? (
        <Slip>
          What is known of it, and what is worth measuring next, stands on{' '}
          <Link href={`/stash/${piece.id}/sheet`}>its property sheet</Link>.
        </Slip>
      ) : null}
      <Grid>
        {benchTests.map(({ id, title, finds }) => (
          <li key={id}>
            <Tool href={`/measure/${id}${query}`} prefetch={false}>
              <HowToDrawing test={id} />
              <div>
                <h2>{title}</h2>
                <small>{finds}</small>
                {taken(id) > 0 ? <small>{taken(id) === 1 ? 'One reading' : `${taken(id)} readings`}</small> : null}
              </div>
            </Tool>
          </li>
        ))}
        <li>
          <Tool href="/weave" prefetch={false}>
            <HowToDrawing test="weave" />
            <div>
              <h2>Weaves, drawn</h2>
              <small>Any draft as cloth, face and back: floats, share of warp, the angle of a twill.</small>
            </div>
          </Tool>
        </li>
        <li>
          <Tool href={`/inspect${query}`} prefetch={false}>
            <HowToDrawing test="inspect" />
            <div>
              <h2>What is it called?</h2>
              <small>Look, feel, turn it over: the next question is the one that tells most.</small>
            </div>
          </Tool>
        </li>
      </Grid>
      <Soft>Readings of an unwashed and of a washed length are kept apart, always.</Soft>
    </Page>
  )
}

/** Which kinds of measurement a test has taken. */
const KINDS: Readonly<Record<string, readonly string[]>> = {
  drape: ['drape-grade', 'cantilever', 'draped-disc', 'draped-paper'],
  shrinkage: ['wash-square'],
  loupe: ['count'],
}

function takenOf({ readings, measurements }: NonNullable<BenchData['piece']>, test: string): number {
  if (test === 'weigh') return readings.length
  const kinds = KINDS[test] ?? [test]
  return measurements.filter(({ data }) => kinds.includes(data.kind)).length
}
