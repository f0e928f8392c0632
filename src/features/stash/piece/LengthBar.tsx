'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { formatOwned } from '@/core/units/format'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type PieceData } from './types'

const Bar = styled.div`
  display: flex;
  height: 1.5rem;
  border: 1.5px solid var(--ink-soft);
  border-radius: 3px;
  overflow: hidden;
  > i {
    min-width: 3px;
  }
  .free {
    background: var(--green);
  }
  .reserved {
    background: repeating-linear-gradient(45deg, var(--weld) 0 6px, var(--paper) 6px 12px);
  }
  .cut {
    background: repeating-linear-gradient(90deg, var(--paper-deep) 0 4px, var(--paper) 4px 8px);
  }
`
const Legend = styled.ul`
  list-style: none;
  margin: 0.3rem 0 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 1.25rem;
  font-size: 0.95rem;
`

/** The length of a piece to scale: what is free, what projects have reserved, what was cut off. */
export function LengthBar({ length }: Pick<PieceData, 'length'>) {
  const { units } = usePreferences()
  if (!length) return null
  const { freeMm, isPromised, reserved, cutMm } = length
  return (
    <div>
      <Bar aria-hidden>
        <i className={isPromised ? 'reserved' : 'free'} style={{ flexGrow: freeMm }} />
        {reserved.map(({ projectId, mm }, i) =>
          mm ? <i key={`${projectId} ${i}`} className="reserved" style={{ flexGrow: mm }} /> : null,
        )}
        {cutMm > 0 ? <i className="cut" style={{ flexGrow: cutMm }} /> : null}
      </Bar>
      <Legend aria-label="Length">
        <li>
          <b>{formatOwned(freeMm, units)}</b> {isPromised ? 'reserved, but not enough' : 'free'}
        </li>
        {reserved.map(({ projectId, project, mm }, i) => (
          <li key={`${projectId} ${i}`}>
            {mm ? <b>{formatOwned(mm, units)} </b> : null}
            reserved for <Link href={`/make/projects/${projectId}`}>{project}</Link>
          </li>
        ))}
        {cutMm > 0 ? (
          <li>
            <b>{formatOwned(cutMm, units)}</b> cut
          </li>
        ) : null}
      </Legend>
    </div>
  )
}
