'use client'

import styled from 'styled-components'
import { families } from '@/core/fibres/families'
import { type FamilyId } from '@/core/vocabulary/fibres'
import { formatPercent } from '@/core/units/format'
import { DYE_NAMES } from './dyes'

/** Measures the room that the names have. */
const Beam = styled.div`
  container-type: inline-size;
`

const Row = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  text-align: center;
  border-top: 9px solid var(--board);
  svg {
    display: block;
    width: 100%;
    height: clamp(4.5rem, 21cqi, 8.5rem);
  }
  b,
  span {
    display: block;
    font-size: clamp(0.6rem, 3cqi, 0.95rem);
    line-height: 1.3;
  }
  span {
    color: var(--ink-soft);
  }
  li {
    min-width: 0;
  }
`

export interface FamilyBelief {
  id: FamilyId
  present: number
  only: number
}

/**
 * Belief as skeins on pegs, one a family, always in the same order: as thick as the family is likely to be in the
 * cloth, twisted with a pale strand as far as it would be there beside another.
 */
export function Skeins({ belief }: { belief: readonly FamilyBelief[] }) {
  const ordered = (Object.keys(families) as FamilyId[]).map(
    (id) => belief.find((entry) => entry.id === id) ?? { id, present: 0, only: 0 },
  )
  return (
    <Beam>
      <Row aria-label="How likely each family is to be in this fabric">
        {ordered.map(({ id, present, only }) => (
          <li key={id}>
            <Skein dye={`var(--${DYE_NAMES[id]})`} present={present} mixed={present > 0 ? 1 - only / present : 0} />
            <b>{families[id].name}</b>
            <span>
              {formatPercent(present)}
              <span className="visually-hidden"> likely to be in it</span>
            </span>
          </li>
        ))}
      </Row>
    </Beam>
  )
}

const MOST_STRANDS = 9

function Skein({ dye, present, mixed }: { dye: string; present: number; mixed: number }) {
  // At least one thread hangs on every peg: nothing is ever ruled out altogether.
  const strands = Math.max(1, Math.round(present * MOST_STRANDS))
  // The strands lie close, so that the skein is as broad as the belief.
  const wide = strands * 3.8
  const paths = Array.from({ length: strands }, (_, i) => {
    const spread = strands === 1 ? 0 : (i / (strands - 1) - 0.5) * 2
    const top = 15 + Math.abs(spread) * 2
    return {
      d: `M50 ${top}C${50 + spread * wide} 40 ${50 + spread * wide} 96 ${50 + spread * wide * 0.27} 122`,
      pale: mixed > 0.35 && i % 2 === 1 && present > 0.2,
    }
  })
  return (
    <svg viewBox="0 0 100 130" preserveAspectRatio="xMidYMin meet" aria-hidden focusable="false">
      <path d="M50 0v13" stroke="var(--board)" strokeWidth="7" strokeLinecap="round" />
      {paths.map(({ d, pale }, i) => (
        <path
          key={i}
          d={d}
          fill="none"
          stroke={dye}
          strokeOpacity={strands === 1 ? 0.6 : 1}
          strokeDasharray={pale ? '7 4' : undefined}
          strokeWidth={strands === 1 ? 1.4 : 5}
          strokeLinecap="round"
        />
      ))}
      {strands > 1 ? <path d="M43 106q7 6 14 0" fill="none" stroke="var(--paper)" strokeWidth="4" /> : null}
      {strands > 1 ? <path d="M42 106q8 7 16 0" fill="none" stroke="var(--ink)" strokeWidth="1.2" /> : null}
    </svg>
  )
}
