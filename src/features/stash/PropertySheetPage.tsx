'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { type WorthMeasuring } from '@/core/choose/worthMeasuring'
import { type ForetellingRecord } from '@/core/notebook/foretell'
import { WASH_STATE_WORDS } from '@/core/vocabulary/cloth'
import { type PropertyRow } from '@/core/notebook/properties'
import { type Piece } from '@/core/notebook/records'
import { formatPercent } from '@/core/units/format'
import { ClothSwatch } from '@/ui/cloth/Cloth'
import { tileOf } from '@/ui/cloth/spec'
import { ButtonLink, StrongLink } from '@/ui/controls/links'
import { Actions, Columns, Lead, Page, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { propertyWords } from '../patterns/words'
import { KnownValue } from './Known'

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
    width: 9.5rem;
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
  small.more {
    display: block;
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

/** Which test tells of a property, as the choosing calls it. */
const TEST_OF: Readonly<Record<string, string>> = {
  weight: 'weigh',
  'stretch-width': 'stretch',
  'stretch-length': 'stretch',
  body: 'drape',
  opacity: 'opacity',
  season: 'weigh',
}

interface Props {
  piece: Piece & { id: number }
  rows: readonly PropertyRow[]
  worth: readonly WorthMeasuring[]
  foretelling: ForetellingRecord
}

/** Everything that is known of one piece, how and how surely, and what to measure next. */
export function PropertySheetPage({ piece, rows, worth, foretelling }: Props) {
  const address = (test: string) =>
    test === 'burn'
      ? `/stash/${piece.id}`
      : test === 'inspect'
        ? `/inspect?piece=${piece.id}`
        : `/measure/${test}?piece=${piece.id}`
  const known = rows.filter(({ how }) => how !== 'unknown')
  const [first, ...others] = worth.filter(({ property }) => TEST_OF[property] !== undefined)
  return (
    <Page>
      <div>
        <Link href={`/stash/${piece.id}`}>{piece.name}</Link>
        <h1>Property sheet</h1>
        <Lead>
          {known.length} of {rows.length} properties are known or guessed; measured:{' '}
          {rows.filter(({ how }) => how === 'measured').length}. It is now: {WASH_STATE_WORDS[piece.washed]}.
        </Lead>
      </div>
      <Columns $first="2fr">
        <Paper aria-labelledby="all">
          <h2 id="all">What is known, and how</h2>
          <Sheet>
            <tbody>
              {rows.map((row) => (
                <tr key={row.id}>
                  <th scope="row">{row.title}</th>
                  <td>
                    <KnownValue row={row} />
                    {row.note ? <small className="more">{row.note}</small> : null}
                    {row.otherwise.map((line) => (
                      <small className="more" key={line}>
                        {line}
                      </small>
                    ))}
                  </td>
                  <td>
                    {row.test ? (
                      <Link
                        href={address(row.test)}
                        prefetch={false}
                        aria-label={
                          `${row.how === 'measured' ? 'Measure again' : 'Measure'}: ` + `${row.title.toLowerCase()}`
                        }
                      >
                        {row.how === 'measured' ? 'again' : 'measure'}
                      </Link>
                    ) : null}
                  </td>
                </tr>
              ))}
            </tbody>
          </Sheet>
        </Paper>
        <div style={{ display: 'grid', gap: '1.25rem', alignContent: 'start', minWidth: 0 }}>
          <Paper aria-labelledby="next">
            <h2 id="next">Measure next</h2>
            {first ? (
              <>
                <p>
                  To know <b>{propertyWords(first.property)}</b> would move{' '}
                  {first.patterns === 1 ? 'one score' : `${first.patterns} scores`}, that of {first.of} by up to{' '}
                  {Math.round(first.mostGain * 100)} points of 100.
                </p>
                <Actions>
                  <StrongLink href={address(TEST_OF[first.property]!)}>
                    Measure {propertyWords(first.property)}
                  </StrongLink>
                </Actions>
                {others.length > 0 ? (
                  <Soft>
                    After that:{' '}
                    {others
                      .map(
                        ({ property, of, mostGain }) =>
                          `${propertyWords(property)} (up to ${Math.round(mostGain * 100)} points for ${of})`,
                      )
                      .join('; ')}
                    .
                  </Soft>
                ) : null}
              </>
            ) : (
              <Slip $tone="good">Nothing that could still be measured would change which pattern it suits.</Slip>
            )}
            <Actions>
              <ButtonLink href={`/measure?piece=${piece.id}`}>All tests</ButtonLink>
              <ButtonLink href={`/stash/${piece.id}/patterns`}>Which pattern does it suit?</ButtonLink>
            </Actions>
          </Paper>
          <ClothSwatch
            tile={tileOf(piece)}
            label={`${piece.name}, drawn from its weave and colours`}
            height="12rem"
            scale={1.4}
          />
          {foretelling.checked > 0 ? (
            <Soft>
              What shows through was foretold rightly for {foretelling.right} of {foretelling.checked} pieces that
              were then held up; it gave {formatPercent(foretelling.meanProbability)} to what was seen, on the whole.
            </Soft>
          ) : null}
        </div>
      </Columns>
    </Page>
  )
}
