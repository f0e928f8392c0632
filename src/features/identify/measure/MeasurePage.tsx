'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import styled from 'styled-components'
import { WASH_STATES, WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { SelectField } from '@/ui/kit/SelectField'
import { Page, Callout, Soft } from '@/ui/kit/surfaces'
import { HowToDrawing } from '@/ui/measuring/HowTo'
import { OWN_BENCHES, TypedBench } from './benches'
import { type BenchData } from './load'
import { PieceChoice } from './PieceChoice'
import { type MeasurementInfo } from './info'
import { useReadings } from '../../shared/readings/useReadings'
import { Say } from '@/ui/text/Say'

const Head = styled.div`
  display: grid;
  gap: 0.5rem 1.5rem;
  grid-template-columns: 9rem minmax(0, 1fr) minmax(0, 22rem);
  align-items: center;
  > svg {
    width: 100%;
    height: auto;
    display: block;
  }
  ol {
    margin: 0.3rem 0 0;
    padding-left: 1.2rem;
  }
  @media (max-width: 60rem) {
    grid-template-columns: 6.5rem minmax(0, 1fr);
    > :last-child {
      grid-column: 1 / -1;
    }
  }
`
const Which = styled.div`
  display: grid;
  gap: 0.6rem;
`
const PLAIN = '#4a6b83'

/** One kind of measurement: how it is done, of which piece, and its bench. */
export function MeasurePage({ kind, pieces, piece }: BenchData & { kind: MeasurementInfo }) {
  const router = useRouter()
  const readings = useReadings(piece, piece?.measurements ?? [])
  const Bench = OWN_BENCHES[kind.id] ?? TypedBench
  const { warp, weft } = piece?.look ?? { warp: PLAIN, weft: PLAIN }
  const yarn = { fill: warp, edge: warp === weft ? `color-mix(in srgb, var(--ink) 55%, ${PLAIN})` : weft }
  const here = `/identify/measure/${kind.id}`
  const isApart = piece && !kind.acrossStates && readings.state !== piece.washed
  return (
    <Page>
      <div>
        <Link href={piece ? `/identify/measure?piece=${piece.id}` : '/identify/measure'}>Measure</Link>
      </div>
      <Head>
        <HowToDrawing test={kind.id} yarn={yarn} />
        <div>
          <h1>
            <Say>{kind.title}</Say>
          </h1>
          <Soft>
            <Say>{kind.term}</Say>
          </Soft>
          <ol>
            {kind.how.map((line, i) => (
              <li key={i}>
                <Say>{line}</Say>
              </li>
            ))}
          </ol>
        </div>
        <Which>
          <PieceChoice
            pieces={pieces}
            chosen={piece?.id ?? null}
            onChoose={(id) => router.push(id ? `${here}?piece=${id}` : here)}
          />
          {kind.acrossStates ? null : (
            <SelectField
              label="State of the fabric"
              value={readings.state}
              onChange={(value) => readings.setState(value)}
              options={WASH_STATES.map((state) => [state, WASH_STATE_WORDS[state]] as const)}
            />
          )}
        </Which>
      </Head>
      {kind.caution ? (
        <Callout $tone="warn">
          <b>Take care.</b> {kind.caution}
        </Callout>
      ) : null}
      {readings.trouble ? (
        <Callout $tone="warn" role="alert">
          Not saved. {readings.trouble}
        </Callout>
      ) : null}
      {isApart ? (
        <Callout>
          These readings are saved as “{WASH_STATE_WORDS[readings.state]}”; the fabric itself is recorded as “
          {WASH_STATE_WORDS[piece.washed]}”. We don’t mix them.
        </Callout>
      ) : null}
      <Bench piece={piece} readings={readings} yarn={yarn} />
    </Page>
  )
}
