'use client'

import { ArrowLeft } from 'lucide-react'
import Link from 'next/link'
import styled from 'styled-components'
import { burnFeatures, type Feature } from '@/core/identify/features'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Soft } from '@/ui/kit/surfaces'
import { PART_WORDS } from '../../shared/burn/session'
import { FirstAid } from '../../shared/safety/SafetyText'
import { SMALL } from '../../shared/smallScreen'
import { KeptMark } from './KeptMark'
import { type TestSubject } from './testSubject'
import { type Bench } from './useBench'

const Head = styled.header`
  position: relative;
  display: flex;
  gap: 0.25rem 1.5rem;
  align-items: start;
  h1 {
    font-size: 1.5rem;
  }
  .back {
    display: none;
  }
  .what {
    margin-right: auto;
    min-width: 0;
  }
  details {
    flex: 0 1 auto;
  }
  details[open] {
    flex: 1 1 24rem;
  }
  summary {
    min-height: 2.75rem;
    display: flex;
    align-items: center;
    justify-content: flex-end;
    font-weight: 700;
    color: var(--madder);
    white-space: nowrap;
    cursor: pointer;
  }
  ${SMALL} {
    flex: none;
    align-items: center;
    gap: 0.25rem 0.5rem;
    min-height: 3.25rem;
    padding-inline: 0.25rem 0.75rem;
    border-bottom: 1px solid var(--line);
    .back {
      display: inline-flex;
      align-items: center;
      justify-content: center;
      min-width: 2.75rem;
      min-height: 2.75rem;
    }
    h1 {
      font-size: 1.05rem;
    }
    .what > p {
      font-size: 0.85rem;
      line-height: 1.2;
    }
    .of,
    [data-kept] {
      display: none;
    }
    details[open] > section {
      position: absolute;
      z-index: 20;
      inset: 100% 0 auto 0;
      max-height: calc(100dvh - 4rem);
      overflow: auto;
    }
  }
`

interface Props {
  bench: Bench
  feature: Feature
  of: TestSubject | null
}

/** Where one is in the test, the way out, and first aid: all that stays of the frame while something burns. */
export function BenchHead({ bench, feature, of }: Props) {
  const count = bench.own.filter((answer) => burnFeatures.some(({ id }) => id === answer.feature)).length
  const isInOrder = bench.phase === 'flame' && !bench.asked
  return (
    <Head>
      <Link className="back" href={of?.href ?? '/identify/burn'} aria-label={`Back to ${of?.name ?? 'burn tests'}`}>
        <ArrowLeft aria-hidden size={22} strokeWidth={1.75} />
      </Link>
      <div className="what">
        <h1>{feature.kind === 'burn' ? 'With a flame' : 'Without a flame'}</h1>
        <Soft>
          <span className="of">
            Sample {bench.specimen}, {PART_WORDS[bench.part]}
            {of ? ` of ${of.name}` : ''}.{' '}
          </span>
          {isInOrder ? `Question ${Math.min(count + 1, burnFeatures.length)} of ${burnFeatures.length}. ` : ''}
          <KeptMark keeping={bench.keeping} allKept={bench.allKept} />
        </Soft>
      </div>
      <WhenOpened summary="First aid">{() => <FirstAid />}</WhenOpened>
    </Head>
  )
}
