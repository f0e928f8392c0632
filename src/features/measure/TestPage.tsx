'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import styled from 'styled-components'
import { WASH_STATES, type WashState, WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { SelectField } from '@/ui/controls/SelectField'
import { Page, Slip } from '@/ui/controls/surfaces'
import { HowToDrawing } from '@/ui/measuring/HowTo'
import { LoupeBench } from '../loupe/LoupeBench'
import { WeighBench } from '../weigh/WeighBench'
import { type BenchProps } from './benches/common'
import { Crease, Crocking, OpacityBench, WaterDrop } from './benches/Graded'
import { Drape } from './benches/Drape'
import { Grain } from './benches/Grain'
import { Lie } from './benches/Lie'
import { Shrinkage } from './benches/Shrinkage'
import { Stretch } from './benches/Stretch'
import { Yarns } from './benches/Yarns'
import { type BenchData } from './load'
import { findBenchTest, type BenchTestId } from './tests'
import { useReadings } from './useReadings'

const BENCHES: Record<BenchTestId, (props: BenchProps) => React.ReactNode> = {
  weigh: WeighBench,
  stretch: Stretch,
  drape: Drape,
  opacity: OpacityBench,
  crease: Crease,
  'water-drop': WaterDrop,
  crocking: Crocking,
  shrinkage: Shrinkage,
  grain: Grain,
  lie: Lie,
  loupe: LoupeBench,
  yarns: Yarns,
}

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

/** One test: how it is done, of which piece, and its bench. */
export function TestPage({ test: id, pieces, piece }: BenchData & { test: BenchTestId }) {
  const router = useRouter()
  const test = findBenchTest(id)!
  const readings = useReadings(piece, piece?.measurements ?? [])
  const Bench = BENCHES[id]
  const yarn = {
    fill: piece?.look.warp ?? '#4a6b83',
    edge:
      piece?.look.weft === piece?.look.warp || !piece
        ? 'color-mix(in srgb, var(--ink) 55%, #4a6b83)'
        : piece.look.weft,
  }
  return (
    <Page>
      <div>
        <Link href={piece ? `/measure?piece=${piece.id}` : '/measure'}>Measure it</Link>
      </div>
      <Head>
        <HowToDrawing test={id} yarn={yarn} />
        <div>
          <h1>{test.title}</h1>
          <ol>
            {test.how.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
        </div>
        <Which>
          <SelectField
            label="Of which piece"
            value={String(piece?.id ?? '')}
            onChange={(value) => router.push(value ? `/measure/${id}?piece=${value}` : `/measure/${id}`)}
            options={[
              ['', 'none of the stash: just try'],
              ...pieces.map((one) => [String(one.id), one.name] as const),
            ]}
          />
          {id === 'shrinkage' ? null : (
            <SelectField
              label="As it is now"
              value={readings.state}
              onChange={(value) => readings.setState(value as WashState)}
              options={WASH_STATES.map((state) => [state, WASH_STATE_WORDS[state]] as const)}
            />
          )}
        </Which>
      </Head>
      {test.caution ? (
        <Slip $tone="warn">
          <b>Take care.</b> {test.caution}
        </Slip>
      ) : null}
      {readings.trouble ? (
        <Slip $tone="warn" role="alert">
          Not kept. {readings.trouble}
        </Slip>
      ) : null}
      {piece && id !== 'shrinkage' && readings.state !== piece.washed ? (
        <Slip>
          These readings are kept as “{WASH_STATE_WORDS[readings.state]}”; the piece itself is written down as “
          {WASH_STATE_WORDS[piece.washed]}”. They are not mixed.
        </Slip>
      ) : null}
      <Bench piece={piece} readings={readings} yarn={yarn} />
    </Page>
  )
}
