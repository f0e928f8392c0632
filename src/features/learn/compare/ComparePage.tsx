'use client'

import Link from 'next/link'
import { SelectField } from '@/ui/kit/SelectField'
import { Columns, Fields, Figures, Lead, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { type ComparedData } from './load'
import { useAddress } from '../../shared/address/useAddress'
import { UsualStrip } from '../lookup/UsualStrip'
import { compareAddress } from './compareAddress'
import { Say } from '@/ui/text/Say'

/** From so much of what there is to know a look settles it; from so much it tells much. */
const SETTLES = 0.75
const TELLS = 0.3

/** How each of the two burns, side by side. */
function BothStrips({ one, other }: Pick<ComparedData, 'one' | 'other'>) {
  return (
    <Columns $first="1fr">
      {[one, other].map(({ id, name, seen, burns }) => (
        <Stack key={id} $gap="0.4rem" role="group" aria-label={name}>
          <b>{name}</b>
          <UsualStrip seen={seen} burns={burns} />
        </Stack>
      ))}
    </Columns>
  )
}

/** Two fibres side by side, and the look that parts them. */
export function ComparePage(data: ComparedData) {
  const { one, other, parted, figures, fibres } = data
  const go = useAddress(compareAddress, { a: one.id, b: other.id })
  return (
    <Page>
      <div>
        <h1>
          {one.name} or {other.name.toLowerCase()}?
        </h1>
        <Lead role="status">
          <Say>{leadOf(data)}</Say>
        </Lead>
      </div>
      <Fields>
        <SelectField label="First fibre" value={one.id} onChange={(id) => go({ a: id })} options={fibres} />
        <SelectField label="Second fibre" value={other.id} onChange={(id) => go({ b: id })} options={fibres} />
      </Fields>
      <BothStrips {...data} />
      <Paper aria-labelledby="looks">
        <h2 id="looks">What tells them apart, best first</h2>
        <Figures>
          <thead>
            <tr>
              <th scope="col">question</th>
              <th scope="col">{one.name}</th>
              <th scope="col">{other.name}</th>
              <th scope="col">it shows</th>
            </tr>
          </thead>
          <tbody>
            {parted.map(({ feature, title, bits, one: mine, other: theirs }) => (
              <tr key={feature}>
                <th scope="row">
                  <Say>{title}</Say>
                </th>
                <td>
                  <Say>{mine}</Say>
                </td>
                <td>
                  <Say>{theirs}</Say>
                </td>
                <td>{tellsWords(bits)}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
        <Soft>
          This is how much one answer changes the odds between the two, for a careful beginner. How to do each:{' '}
          <Link href="/identify/tests">tests without a flame</Link>, <Link href="/safety">cautions</Link> first.
        </Soft>
      </Paper>
      <Paper aria-labelledby="figures">
        <h2 id="figures">Figures</h2>
        <Figures>
          <tbody>
            {figures.map(({ title, one: mine, other: theirs }) => (
              <tr key={title}>
                <th scope="row">
                  <Say>{title}</Say>
                </th>
                <td>
                  <Say>{mine}</Say>
                </td>
                <td>
                  <Say>{theirs}</Say>
                </td>
              </tr>
            ))}
          </tbody>
        </Figures>
        <Soft>
          Their sources: <Link href={`/learn/fibres/${one.id}`}>{one.name}</Link>,{' '}
          <Link href={`/learn/fibres/${other.id}`}>{other.name}</Link>.
        </Soft>
      </Paper>
    </Page>
  )
}

function leadOf({ one, other, parted }: ComparedData): string {
  if (one.id === other.id) return 'Choose two different fibres.'
  const [first, second] = parted
  if (!first) return 'No home test tells them apart.'
  const also = second ? `, then: ${second.title.toLowerCase()}` : ''
  return `${first.title} tells them apart best (${tellsWords(first.bits)})${also}.`
}

function tellsWords(bits: number): string {
  if (bits >= SETTLES) return 'nearly everything'
  if (bits >= TELLS) return 'much'
  return bits >= 0.1 ? 'something' : 'little'
}
