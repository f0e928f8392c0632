'use client'

import styled from 'styled-components'
import { formatWidth } from '@/core/units/format'
import { usePreferences } from '../../../shared/settings/PreferencesContext'

const Rows = styled.dl`
  margin: 0;
  display: grid;
  gap: 0.5rem;
  dt {
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
  .bar {
    border: 1.5px solid var(--ink-soft);
    border-radius: 2px;
    background: linear-gradient(90deg, transparent calc(100% - 2px), var(--weld) 0), var(--paper-deep);
  }
`
/** Height of a bar for a millimetre of width, px: the fabric lies with its length along the line. */
const PX_PER_MM = 0.014

interface Props {
  rows: readonly { widthMm: number; lengthMm: number; text: string }[]
  /** What takes all of the card’s width. */
  longestMm: number
}

/** How much is bought at each width, to scale against one another; a line at every metre. */
export function LengthBars({ rows, longestMm }: Props) {
  const { units } = usePreferences()
  return (
    <Rows>
      {rows.map(({ widthMm, lengthMm, text }) => (
        <div key={widthMm}>
          <dt>{formatWidth(widthMm, units)} wide</dt>
          <dd>
            <div
              className="bar"
              aria-hidden
              style={{
                width: `${(lengthMm / longestMm) * 100}%`,
                height: widthMm * PX_PER_MM,
                backgroundSize: `${(1000 / lengthMm) * 100}% 100%`,
              }}
            />
            {text}
          </dd>
        </div>
      ))}
    </Rows>
  )
}
