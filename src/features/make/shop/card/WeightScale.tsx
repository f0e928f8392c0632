'use client'

import styled from 'styled-components'
import { formatWeightRange } from '@/core/units/format'
import { usePreferences } from '../../../shared/settings/PreferencesContext'

const Scale = styled.div`
  position: relative;
  height: 3.4rem;
  max-width: 30rem;
  .line {
    position: absolute;
    inset: 0.55rem 0 auto 0;
    height: 0.5rem;
    border: 1px solid var(--ink-soft);
    border-radius: 3px;
    background: var(--paper-deep);
  }
  .may {
    position: absolute;
    top: 0.25rem;
    height: 1.1rem;
    border-radius: 3px;
    background: var(--indigo);
  }
  .mark {
    position: absolute;
    top: 1.35rem;
    transform: translateX(-50%);
    border-left: 1px solid var(--ink-soft);
    height: 0.4rem;
  }
  .name {
    position: absolute;
    top: 1.75rem;
    transform: translateX(-50%);
    font-size: 0.85rem;
    white-space: nowrap;
    color: var(--ink-soft);
  }
`
const Words = styled.div`
  font-weight: 700;
`

/** The scale ends here unless a heavier fabric may be bought, g/m². */
const USUAL_END = 500
/** Names nearer to each other than this share of the scale would run into one another. */
const APART = 0.24

interface Familiar {
  name: string
  /** What it usually weighs, g/m². */
  gsm: number
}

interface Props {
  /** From and to, g/m². */
  gsm: readonly [number, number]
  /** Fabrics that everybody has had in hand, the lightest first. */
  familiar: readonly Familiar[]
}

/** What a fabric may weigh: a bar on a scale that names familiar fabrics. */
export function WeightScale({ gsm: [low, high], familiar }: Props) {
  const { units } = usePreferences()
  const end = Math.max(USUAL_END, high * 1.1)
  const at = (gsm: number) => `${(Math.min(gsm, end) / end) * 100}%`
  const said = formatWeightRange([low, high], units)
  return (
    <div>
      <Words>{said}</Words>
      <Scale role="img" aria-label={`It may weigh ${said}: ${besideWords(familiar, low, high)}.`}>
        <div className="line" />
        <div className="may" style={{ left: at(low), width: `${((Math.min(high, end) - low) / end) * 100}%` }} />
        {marksWithin(familiar, (low + high) / 2, end).map(({ name, gsm }) => (
          <div key={name} aria-hidden>
            <div className="mark" style={{ left: at(gsm) }} />
            <div className="name" style={{ left: at(gsm) }}>
              {name}
            </div>
          </div>
        ))}
      </Scale>
    </div>
  )
}

/** Familiar fabrics along the scale: the nearest to what is asked, then others, so far apart that each can be read. */
function marksWithin(familiar: readonly Familiar[], asked: number, end: number): Familiar[] {
  const shown: Familiar[] = []
  for (const one of familiar.toSorted((a, b) => Math.abs(a.gsm - asked) - Math.abs(b.gsm - asked))) {
    const isClear = shown.every(({ gsm }) => Math.abs(one.gsm - gsm) / end >= APART)
    if (isClear && one.gsm / end > 0.08 && one.gsm / end < 0.92) shown.push(one)
  }
  return shown
}

/** The same for those who cannot see it. */
function besideWords(familiar: readonly Familiar[], low: number, high: number): string {
  const within = familiar.filter(({ gsm }) => low <= gsm && gsm <= high)
  return within.length > 0 ? `like ${within.map(({ name }) => name).join(', ')}` : 'like nothing that is common'
}
