'use client'

import Link from 'next/link'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Figures, Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { type ComparedData } from './load'
import { useAddress } from '../../shared/address/useAddress'
import { compareAddress } from './compareAddress'

/** From so much of what there is to know a look settles it; from so much it tells much. */
const SETTLES = 0.75
const TELLS = 0.3

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
        <Lead role="status">{leadOf(data)}</Lead>
      </div>
      <Fields>
        <SelectField label="One" value={one.id} onChange={(id) => go({ a: id })} options={fibres} />
        <SelectField label="The other" value={other.id} onChange={(id) => go({ b: id })} options={fibres} />
      </Fields>
      <Paper aria-labelledby="looks">
        <h2 id="looks">What parts them, the most telling first</h2>
        <Figures>
          <thead>
            <tr>
              <th scope="col">look at</th>
              <th scope="col">{one.name}</th>
              <th scope="col">{other.name}</th>
              <th scope="col">it tells</th>
            </tr>
          </thead>
          <tbody>
            {parted.map(({ feature, title, bits, one: mine, other: theirs }) => (
              <tr key={feature}>
                <th scope="row">{title}</th>
                <td>{mine}</td>
                <td>{theirs}</td>
                <td>{tellsWords(bits)}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
        <Soft>
          By how much one report moves the odds between the two, for a careful beginner. How each is done:{' '}
          <Link href="/bench/tests">tests without a flame</Link>, <Link href="/safety">cautions</Link> first.
        </Soft>
      </Paper>
      <Paper aria-labelledby="figures">
        <h2 id="figures">Their figures</h2>
        <Figures>
          <tbody>
            {figures.map(({ title, one: mine, other: theirs }) => (
              <tr key={title}>
                <th scope="row">{title}</th>
                <td>{mine}</td>
                <td>{theirs}</td>
              </tr>
            ))}
          </tbody>
        </Figures>
        <Soft>
          With their sources: <Link href={`/learn/fibres/${one.id}`}>{one.name}</Link>,{' '}
          <Link href={`/learn/fibres/${other.id}`}>{other.name}</Link>.
        </Soft>
      </Paper>
    </Page>
  )
}

function leadOf({ one, other, parted }: ComparedData): string {
  if (one.id === other.id) return 'Choose two different fibres.'
  const [first, second] = parted
  if (!first) return 'Nothing that can be done at home parts them.'
  const also = second ? `, then: ${second.title.toLowerCase()}` : ''
  return `${first.title} parts them best (${tellsWords(first.bits)})${also}.`
}

function tellsWords(bits: number): string {
  if (bits >= SETTLES) return 'nearly everything'
  if (bits >= TELLS) return 'much'
  return bits >= 0.1 ? 'something' : 'little'
}
