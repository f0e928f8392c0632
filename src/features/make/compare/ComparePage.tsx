'use client'

import Link from 'next/link'
import { type ReactNode } from 'react'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { formatFives } from '@/core/units/fives'
import { Figure } from '@/ui/garment/Figure'
import { Page, Soft } from '@/ui/kit/surfaces'
import { pinsOf, propertyWords, STATUS_MARKS, VERDICT_WORDS } from '../../shared/choose/words'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { enoughWords } from '../holding/enoughWords'
import { type Loaded } from '../patterns/load'
import { type loadComparison } from './load'
import { Say } from '@/ui/text/Say'

type Props = Loaded<typeof loadComparison>
type Cloth = Props['cloths'][number]

const Wide = styled.div`
  overflow-x: auto;
`
const Table = styled.table<{ $count: number }>`
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
  min-width: ${({ $count }) => 8 + $count * 13}rem;
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 0.6rem 0.8rem;
    border-bottom: 1px solid var(--line);
  }
  td:first-child {
    width: 8rem;
  }
  tbody th {
    width: 8rem;
    font-weight: 600;
    color: var(--ink-soft);
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 0.3rem;
  }
`

const AIR_WORDS = {
  open: 'very airy',
  airy: 'airy',
  middling: 'fairly airy',
  close: 'close, keeps wind out',
  sealed: 'sealed',
} as const

/** Up to four cloths for one pattern, side by side. */
export function CompareFabricsPage({ id, name, need, garment, details, season, cloths }: Props) {
  const { units } = usePreferences()
  const rows: [string, (cloth: Cloth) => ReactNode][] = [
    ['Result', ({ match }) => <b>{VERDICT_WORDS[match.verdict]}</b>],
    ['Score', ({ match }) => match.spread],
    ['Enough?', ({ enough }) => (enough ? enoughWords(enough, units) : 'the pattern gives no length')],
    ['Watch out for', ({ match }) => <Minded match={match} />],
    ['What would help', ({ match }) => <Say>{match.remedies[0]?.text ?? 'nothing needed'}</Say>],
    ['Fibre content', ({ fibre }) => fibre],
    ['Weight', ({ weight }) => weight],
    ['Size', ({ size }) => size || 'not measured'],
    [`In ${season} weather`, ({ comfort }) => formatFives(comfort.interval80)],
    ['Breathability', ({ air }) => AIR_WORDS[air]],
    ['Cutting out', ({ handling }) => (handling.length > 0 ? handling.join(', ') : 'nothing special')],
    ['Care', ({ care }) => careWords(care)],
    [
      'Measure next',
      ({ match }) => (match.measureNext[0] ? propertyWords(match.measureNext[0].property) : 'nothing'),
    ],
  ]
  return (
    <Page>
      <div>
        <Link href={`/make/patterns/${id}`}>{name}</Link>
        <h1>Compare fabrics</h1>
        <Soft>{need}</Soft>
      </div>
      {cloths.length === 0 ? <p>Choose up to four fabrics on the pattern’s page.</p> : null}
      <Wide tabIndex={0} role="region" aria-label="Fabrics side by side">
        <Table $count={cloths.length}>
          <thead>
            <tr>
              <td />
              {cloths.map((cloth) => (
                <th key={cloth.id} scope="col">
                  <Figure
                    garment={garment}
                    details={details}
                    tile={cloth.tile}
                    body={cloth.body}
                    sheer={cloth.sheer}
                    pins={pinsOf(cloth.match)}
                    label={`${cloth.name} drawn with its drape: ${cloth.body}`}
                  />
                  <Link href={`/stash/${cloth.id}`}>{cloth.name}</Link>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([title, of]) => (
              <tr key={title}>
                <th scope="row">
                  <Say>{title}</Say>
                </th>
                {cloths.map((cloth) => (
                  <td key={cloth.id}>{of(cloth)}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </Wide>
    </Page>
  )
}

function Minded({ match }: Pick<Cloth, 'match'>) {
  const minded = match.reasons.filter(({ status }) => status === 'bad' || status === 'near').slice(0, 3)
  if (minded.length === 0) return 'nothing'
  return (
    <ul>
      {minded.map(({ property, status, text }) => (
        <li key={property}>
          {STATUS_MARKS[status].mark} <Say>{text}</Say>
        </li>
      ))}
    </ul>
  )
}

function careWords({ celsius, dots }: Cloth['care']): string {
  const iron = dots === 0 ? 'do not iron' : `iron at ${countNoun(dots, 'dot')}`
  return `${celsius === null ? 'professional cleaning' : `wash at ${celsius} °C`}; ${iron}`
}
