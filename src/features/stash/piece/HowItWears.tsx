'use client'

import styled from 'styled-components'
import { type Comfort } from '@/core/choose/comfort/comfort'
import { formatFives } from '@/core/units/fives'
import { SEASONS } from '@/core/vocabulary/choosing'
import { ShareBar } from '@/ui/kit/Share'
import { Facts, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { Say } from '@/ui/text/Say'

const Bar = styled.div`
  position: relative;
  height: 0.6rem;
  max-width: 16rem;
  border: 1.5px solid var(--ink);
  background: var(--paper-deep);
  i {
    position: absolute;
    inset: 0 auto 0 0;
    background: color-mix(in srgb, var(--weld) 75%, transparent);
    border-right: 3px solid var(--ink);
  }
`

const AIR_WORDS: Record<Comfort['airPermeability']['word'], string> = {
  open: 'open: air passes freely',
  airy: 'airy',
  middling: 'some air passes',
  close: 'close: wind stays out',
  sealed: 'sealed: almost no air passes',
}

/** How a cloth wears in each weather, why, and which side was taken where people disagree. */
export function HowItWears({ comfort }: { comfort: Comfort }) {
  const { warmthClo, airPermeability, regainPercent, reasons, schools } = comfort
  return (
    <Stack $gap="0.8rem" $top="0.6rem">
      <Facts>
        {SEASONS.map((season) => (
          <div key={season}>
            <dt>In {season} weather</dt>
            <dd>
              {formatFives(comfort[season].interval80)}
              <Bar aria-hidden>
                <ShareBar $of={comfort[season].score} />
              </Bar>
            </dd>
          </div>
        ))}
        <div>
          <dt>Breathability (air permeability)</dt>
          <dd>{AIR_WORDS[airPermeability.word]}</dd>
        </div>
        <div>
          <dt>Warmth of the fabric itself</dt>
          <dd>
            {warmthClo.interval80[0].toFixed(2)} to {warmthClo.interval80[1].toFixed(2)} clo
          </dd>
        </div>
        <div>
          <dt>Moisture regain</dt>
          <dd>
            {regainPercent === null ? 'not known' : `about ${regainPercent.toFixed(regainPercent < 2 ? 1 : 0)} %`}
          </dd>
        </div>
      </Facts>
      <PlainList $gap="0.3rem">
        {reasons.map(({ id, text }) => (
          <li key={id}>
            <Terms>{text}</Terms>
          </li>
        ))}
      </PlainList>
      {schools.map(({ id, text }) => (
        <Soft key={id}>
          <Say>{text}</Say>
        </Soft>
      ))}
    </Stack>
  )
}
