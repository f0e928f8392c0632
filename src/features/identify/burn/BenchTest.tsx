'use client'

import dynamic from 'next/dynamic'
import { type BoxPiece } from '@/core/identify/controls'
import { Page, Callout } from '@/ui/kit/surfaces'
import { useBench, type BenchBeginning } from './useBench'
import { useSafetyRead } from './useSafetyRead'
import { type TestSubject } from './testSubject'

// One of them is on the page at a time, and only that one is fetched.
const ClashSlip = dynamic(() => import('./ClashSlip').then(({ ClashSlip: part }) => part))
const SafetyGate = dynamic(() => import('./SafetyGate').then(({ SafetyGate: part }) => part))
const LayOut = dynamic(() => import('./LayOut').then(({ LayOut: part }) => part))
const AtTheBench = dynamic(() => import('./AtTheBench').then(({ AtTheBench: part }) => part))
const Judged = dynamic(() => import('./Judged').then(({ JudgedBurn: part }) => part))

interface Props extends BenchBeginning {
  /** What this test is of, and the way back to it; null for a cloth that is not kept yet. */
  of: TestSubject | null
  /** Which known pieces there are. */
  box: BoxPiece[]
}

/** The bench: one test from the first look to the verdict, kept as it goes. */
export function BenchTest({ of, box, ...start }: Props) {
  const [safetyRead, markRead] = useSafetyRead()
  const bench = useBench(start)
  if (safetyRead === undefined)
    return (
      <Page>
        <p role="status">Getting ready…</p>
      </Page>
    )
  if (bench.phase === 'laid-out') {
    return (
      <LayOut
        title={of ? `A sample of ${of.name}` : 'A sample of an unknown fabric'}
        setup={bench.setup}
        part={bench.part}
        belief={bench.belief}
        box={box}
        isSafetyRead={safetyRead}
        onSafetyRead={markRead}
        onSetup={bench.changeSetup}
        onPart={bench.setPart}
        onFlame={() => bench.setPhase('flame')}
        onLook={() => bench.setPhase('look')}
      />
    )
  }
  // What is only read needs no cautions.
  if (!safetyRead && bench.feature) return <SafetyGate onRead={markRead} />
  return (
    <Page $gap="1.1rem">
      {bench.trouble ? (
        <Callout $tone="warn" role="alert">
          {bench.trouble}
        </Callout>
      ) : null}
      {bench.clash ? <ClashSlip clash={bench.clash} /> : null}
      {bench.feature ? (
        <AtTheBench bench={bench} feature={bench.feature} of={of} />
      ) : (
        <Judged bench={bench} testId={start.testId} of={of} />
      )}
    </Page>
  )
}
