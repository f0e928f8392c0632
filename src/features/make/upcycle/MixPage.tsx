'use client'

import styled from 'styled-components'
import { capitalise } from '@/core/units/format'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Columns, Fields, Lead, Page, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Terms } from '@/ui/text/Terms'
import { LengthField } from '../../shared/settings/LengthField'
import { type MixData } from './loadTogether'
import { ChosenPieces, PiecePicker } from './PiecePicker'
import { useAddress } from '../../shared/address/useAddress'
import { mixAddress } from './mixAddress'
import { itemAt } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'
import { type Phrase, phrase, asWritten } from '@/core/text/text'

const Grid = styled.div`
  overflow-x: auto;
  table {
    border-collapse: collapse;
  }
  th,
  td {
    border: 1px solid var(--line);
    padding: 0.4rem 0.6rem;
    text-align: left;
    vertical-align: top;
  }
  td.fights {
    border-left: 5px solid var(--madder);
  }
  td.with-care {
    border-left: 5px solid var(--weld);
  }
  td.agrees {
    border-left: 5px solid var(--green);
  }
`

const VERDICTS = { agrees: 'agree', 'with-care': 'can be combined with care', fights: 'don’t go together' } as const
const SHORT = { agrees: 'agree', 'with-care': 'with care', fights: 'fight' } as const
const STATUS = { good: 'fine', near: 'take care', bad: 'a problem', unknown: 'not known' } as const

type Pair = MixData['pairs'][number]

/** Whether cloths go together in one thing: the worst pair first, then all of them at a glance. */
export function MixPage(data: MixData) {
  const { cloths, pairs, worst } = data
  const shown = pairs.find(({ of }) => worst !== null && of[0] === worst[0] && of[1] === worst[1]) ?? pairs[0]
  return (
    <Page>
      <div>
        <h1>Can I combine these fabrics?</h1>
        <Lead>
          <Say>{leadOf(data, shown)}</Say>
        </Lead>
      </div>
      <Columns $first="1.6fr">
        {/* Until there is something to tell, what is chosen from has the room. */}
        {shown ? (
          <Stack $gap="1.25rem">
            <PairTold cloths={cloths} pair={shown} />
            {cloths.length > 2 ? <Table cloths={cloths} pairs={pairs} /> : null}
          </Stack>
        ) : null}
        <Choose {...data} />
      </Columns>
    </Page>
  )
}

function leadOf({ cloths, worst }: MixData, pair: Pair | undefined): Phrase {
  if (!pair)
    return (
      'Two or more fabrics in one garment: shrinkage, stretch, weight, care, colour, dye, structure, ' + 'fraying.'
    )
  const [a, b] = [itemAt(cloths, pair.of[0]).name, itemAt(cloths, pair.of[1]).name]
  const worstOf = cloths.length > 2 && worst !== null ? 'The worst pair: ' : ''
  if (cloths.length > 2 && worst === null) return 'All pairs go together.'
  return phrase`${worstOf}${asWritten(a)} and ${asWritten(b)} ${VERDICTS[pair.verdict]}.`
}

function PairTold({ cloths, pair }: { cloths: MixData['cloths']; pair: Pair }) {
  const names = pair.of.map((i) => itemAt(cloths, i).name)
  return (
    <Paper aria-label={`${names[0]} with ${names[1]}`}>
      <h2>
        {names[0]} with {names[1]}
      </h2>
      <PlainList>
        {pair.reasons.map(({ property, status, text }) => (
          <li key={property}>
            <b>
              {capitalise(property)}, {STATUS[status]}.
            </b>{' '}
            <Say>{text}</Say>
          </li>
        ))}
      </PlainList>
      {pair.remedies.length > 0 ? (
        <Callout>
          <b>What to do about it</b>
          <PlainList>
            {pair.remedies.map(({ id, text }) => (
              <li key={id}>
                <Terms>{text}</Terms>
              </li>
            ))}
          </PlainList>
        </Callout>
      ) : null}
    </Paper>
  )
}

function Table({ cloths, pairs }: Pick<MixData, 'cloths' | 'pairs'>) {
  const pairOf = (i: number, j: number) =>
    pairs.find(({ of }) => of[0] === Math.min(i, j) && of[1] === Math.max(i, j))
  return (
    <Paper aria-labelledby="all-pairs">
      <h2 id="all-pairs">All pairs at a glance</h2>
      <Grid tabIndex={0} role="group" aria-label="All pairs">
        <table>
          <thead>
            <tr>
              <td />
              {cloths.slice(1).map(({ id, name }) => (
                <th key={id} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {cloths.slice(0, -1).map(({ id, name }, i) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                {cloths.slice(1).map((other, k) => {
                  const pair = k + 1 > i ? pairOf(i, k + 1) : undefined
                  const against = pair?.reasons
                    .filter(({ status }) => status === 'bad')
                    .map(({ property }) => property)
                  return (
                    <td key={other.id} className={pair?.verdict}>
                      {pair ? SHORT[pair.verdict] : ''}
                      {against && against.length > 0 ? <Soft>{against.join(', ')}</Soft> : null}
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Grid>
    </Paper>
  )
}

const PURPOSES = [
  ['garment', 'a garment'],
  ['patchwork', 'patchwork'],
  ['bag', 'a bag'],
] as const

function Choose({ cloths, how, offered, most }: MixData) {
  const ids = cloths.map(({ id }) => id)
  const go = useAddress(mixAddress, { of: ids, ...how })
  return (
    <Paper aria-labelledby="which">
      <h2 id="which">Which fabrics?</h2>
      <ChosenPieces pieces={cloths} onLeaveOut={(of) => go({ of })} />
      {cloths.length < most ? (
        <PiecePicker
          label={cloths.length === 0 ? 'First fabric' : 'Another fabric'}
          offered={offered}
          taken={ids}
          onPick={({ id }) => go({ of: [...ids, id] })}
        />
      ) : null}
      <SelectField label="For" value={how.for} onChange={(purpose) => go({ for: purpose })} options={PURPOSES} />
      <Fields>
        <LengthField
          label="Seam between them"
          of="short"
          mm={how.seam * 10}
          leastMm={10}
          mostMm={10_000}
          onMm={(mm) => (mm === null ? undefined : go({ seam: Math.round(mm) / 10 }))}
        />
        <NumberField
          label="Washes to expect"
          value={how.washes}
          minValue={0}
          maxValue={1000}
          onChange={(washes) => (Number.isNaN(washes) ? undefined : go({ washes: Math.round(washes) }))}
        />
      </Fields>
    </Paper>
  )
}
