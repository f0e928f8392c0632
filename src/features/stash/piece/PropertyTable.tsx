'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import styled from 'styled-components'
import { WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { QuietButton } from '@/ui/kit/buttons'
import { Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { dropMeasurement } from '../../shared/readings/actions'
import { CountedFrom } from '../../shared/readings/CountedFrom'
import { KnownValueCell } from './Known'
import { SameCloth } from './SameCloth'
import { type PieceData, type SheetRow } from './types'
import { Say } from '@/ui/text/Say'
import { useSay } from '@/ui/text/reader'

// Fetched when a line is opened: most visits open none.
const FibreEvidence = dynamic(() => import('./FibreEvidence').then(({ FibreEvidence: part }) => part))
const WeightEvidence = dynamic(() => import('./WeightEvidence').then(({ WeightEvidence: part }) => part))

const Sheet = styled.table`
  width: 100%;
  border-collapse: collapse;
  th,
  td {
    text-align: left;
    vertical-align: top;
    padding: 0.5rem 0.75rem 0.5rem 0;
    border-bottom: 1px solid var(--line);
  }
  th {
    font-weight: 600;
    width: 10.5rem;
  }
  td:last-child {
    width: 1%;
    white-space: nowrap;
    padding-right: 0;
  }
  small {
    color: var(--ink-soft);
    font-size: 0.92rem;
  }
  small.term,
  small.more {
    display: block;
    font-weight: 400;
  }
  summary {
    cursor: pointer;
    color: var(--indigo);
    padding: 0.35rem 0;
  }
  @media (max-width: 40rem) {
    tr {
      display: grid;
      padding: 0.5rem 0;
      border-bottom: 1px solid var(--line);
    }
    th,
    td {
      border: 0;
      padding: 0.1rem 0;
      width: auto !important;
    }
  }
`
const Inside = styled.div`
  display: grid;
  gap: 0.9rem;
  padding: 0.5rem 0 0.75rem;
  white-space: normal;
`

/** All that is known, a line a property: how it is known, and what it rests on, opened where it stands. */
export function PropertyTable(data: PieceData) {
  return (
    <Paper aria-labelledby="all">
      <h2 id="all">Properties</h2>
      <Sheet>
        <tbody>
          {data.rows.map((row) => (
            <Line key={row.id} row={row} data={data} />
          ))}
        </tbody>
      </Sheet>
    </Paper>
  )
}

function Line({ row, data }: { row: SheetRow; data: PieceData }) {
  const { id, title, term, how, note, otherwise, test } = row
  const isAgain = how === 'measured'
  const say = useSay()
  const evidence = evidenceWords(row, data)
  return (
    <tr>
      <th scope="row">
        <Say>{title}</Say>
        {term && term.toLowerCase() !== title.toLowerCase() ? <small className="term">{term}</small> : null}
      </th>
      <td>
        <KnownValueCell row={row} />
        {[note, ...otherwise].filter(Boolean).map((line, i) => (
          <small className="more" key={i}>
            <Say>{line}</Say>
          </small>
        ))}
        {evidence ? (
          <WhenOpened summary={evidence}>
            {() => (
              <Inside>
                {id === 'fibre' ? <FibreEvidence {...data} /> : null}
                {id === 'weight' ? <WeightEvidence {...data} /> : null}
                <Readings pieceId={data.piece.id} row={row} now={data.piece.washed} />
              </Inside>
            )}
          </WhenOpened>
        ) : null}
      </td>
      <td>
        {test ? (
          <Link
            href={addressOf(test, data.piece.id)}
            prefetch={false}
            aria-label={say(`${isAgain ? 'Measure again' : 'Measure'}: ${title.toLowerCase()}`)}
          >
            {isAgain ? 'measure again' : 'measure'}
          </Link>
        ) : null}
      </td>
    </tr>
  )
}

/** What the line's evidence is called; nothing where it has none. */
function evidenceWords({ id, readings }: SheetRow, { belief, tests }: PieceData): string | null {
  if (id === 'fibre')
    return belief ? `Reasons, and from ${tests.length === 1 ? 'which burn test' : 'which burn tests'}` : null
  if (id === 'weight') return readings.length > 0 ? 'Weighings, and add one' : 'Weigh it here'
  if (readings.length === 0) return null
  return readings.length === 1 ? 'Reading' : `${readings.length} readings`
}

function addressOf(test: NonNullable<SheetRow['test']>, pieceId: string): string {
  if (test === 'burn') return `/identify?piece=${pieceId}`
  return test === 'inspect' ? `/identify/name?piece=${pieceId}` : `/identify/measure/${test}?piece=${pieceId}`
}

function Readings({ pieceId, row, now }: { pieceId: string; row: SheetRow; now: PieceData['piece']['washed'] }) {
  const { busy, trouble, doing } = useAsyncAction()
  if (row.readings.length === 0) return null
  return (
    <PlainList>
      {row.readings.map(({ id, text, state, on, picture }) => (
        <li key={id}>
          <CountedFrom name={picture} /> {text}{' '}
          {state === now ? null : <Soft as="span">({WASH_STATE_WORDS[state]}: not counted here)</Soft>}{' '}
          {on ? (
            <SameCloth on={on} />
          ) : (
            <QuietButton isDisabled={busy} onPress={() => doing(() => dropMeasurement(pieceId, id))}>
              Delete
            </QuietButton>
          )}
        </li>
      ))}
      <Trouble>{trouble}</Trouble>
    </PlainList>
  )
}
