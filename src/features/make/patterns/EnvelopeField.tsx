'use client'

import { useRef, useState, useTransition } from 'react'
import styled from 'styled-components'
import { capitalise, formatLength, formatWidth } from '@/core/units/format'
import { ROLE_WORDS } from '@/core/vocabulary/choosing'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Actions, Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { type Form } from '../../shared/form/useForm'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { readPasted, type ReadLength } from './actions'
import { isUnfilled, withLengths, withReading, type PatternDraft } from './draft'

const Confirm = styled.section`
  min-width: 0;
`
const Table = styled.table`
  border-collapse: collapse;
  th,
  td {
    padding: 0.3rem 0.8rem 0.3rem 0;
    text-align: left;
    vertical-align: top;
  }
  @media (max-width: 40rem) {
    thead {
      display: none;
    }
    tr {
      display: block;
      padding: 0.5rem 0;
      border-top: 1px solid var(--line);
    }
    td {
      display: inline;
      padding: 0 0.6rem 0 0;
    }
    td:last-child {
      display: block;
      color: var(--ink-soft);
    }
  }
`

type Read = Awaited<ReturnType<typeof readPasted>>

/** The words of an envelope, pasted and read; what was not understood stands beside them. */
export function EnvelopeField({ form: { value, set, replace } }: { form: Form<PatternDraft> }) {
  const [reading, start] = useTransition()
  const [toConfirm, setToConfirm] = useState<Read | null>(null)
  const isPasted = useRef(false)
  const read = (envelope: string) =>
    start(async () => {
      const answer = await readPasted(envelope)
      const named = value.name.trim() === '' && answer.name !== null ? { name: answer.name } : {}
      const viewed = value.views.trim() === '' && answer.views.length > 0 ? { views: answer.views.join(', ') } : {}
      replace({ ...withReading({ ...value, envelope }, answer.pattern), ...named, ...viewed })
      setToConfirm(answer.lengths.length > 0 ? answer : null)
    })
  const confirm = () => {
    if (toConfirm) replace(withLengths(value, toConfirm.pattern))
    setToConfirm(null)
  }
  return (
    <Paper aria-label="Envelope">
      <TextField
        label="Text from the envelope"
        hint="Fabrics, unsuitable fabrics, lining and interfacing, notions, and the table of lengths."
        rows={7}
        value={value.envelope}
        onPaste={() => {
          isPasted.current = true
        }}
        onChange={(envelope) => {
          set({ envelope })
          // Pasted into an empty form it is read at once; what was filled in by hand is not written over unasked.
          if (isPasted.current && value.envelope === '' && isUnfilled(value) && envelope.trim() !== '') read(envelope)
          isPasted.current = false
        }}
      />
      <Actions>
        <Button isDisabled={reading || value.envelope.trim() === ''} onPress={() => read(value.envelope)}>
          {reading ? 'Reading…' : 'Read the text'}
        </Button>
        <Soft>We fill in the fields below; check them and correct what is wrong.</Soft>
      </Actions>
      {toConfirm ? (
        <ToConfirm lengths={toConfirm.lengths} onConfirm={confirm} onLeave={() => setToConfirm(null)} />
      ) : null}
      {value.notRead.length > 0 ? (
        <Callout role="status">
          <b>We did not understand this part:</b>
          <PlainList $gap="0.2rem">
            {value.notRead.map((line) => (
              <li key={line}>“{line}”</li>
            ))}
          </PlainList>
        </Callout>
      ) : null}
    </Paper>
  )
}

interface ToConfirmProps {
  lengths: readonly ReadLength[]
  onConfirm: () => void
  onLeave: () => void
}

const bySize = (size: string | null, length: string) => (size === null ? length : `${size}: ${length}`)

/** Lengths that stand in one line of the text, of one fabric, view and width: a row of the table. */
function inLines(lengths: readonly ReadLength[]): { one: ReadLength; all: ReadLength[] }[] {
  const key = ({ role, view, widthMm, nap, from }: ReadLength) => JSON.stringify([role, view, widthMm, nap, from])
  const rows: { one: ReadLength; all: ReadLength[] }[] = []
  for (const one of lengths) {
    const last = rows.at(-1)
    if (last && key(last.one) === key(one)) last.all.push(one)
    else rows.push({ one, all: [one] })
  }
  return rows
}

/** The lengths that were read, each beside the line that it stands in. */
function ToConfirm({ lengths, onConfirm, onLeave }: ToConfirmProps) {
  const { units } = usePreferences()
  const some = (of: (one: ReadLength) => unknown) => lengths.some((one) => of(one))
  const [hasView, hasNap] = [some((one) => one.view), some((one) => one.nap)]
  return (
    <Confirm aria-label="Lengths to confirm">
      <p>
        <b>Are these lengths right?</b> We use them only once you confirm them.
      </p>
      <Actions>
        <StrongButton onPress={onConfirm}>Use these lengths</StrongButton>
        <Button onPress={onLeave}>Ignore them</Button>
      </Actions>
      <Table>
        <thead>
          <tr>
            <th scope="col">Fabric</th>
            {hasView ? <th scope="col">View</th> : null}
            <th scope="col">Width</th>
            <th scope="col">{some((one) => one.size) ? 'Length by size' : 'Length'}</th>
            {hasNap ? <th scope="col">Nap</th> : null}
            <th scope="col">From the text</th>
          </tr>
        </thead>
        <tbody>
          {inLines(lengths).map(({ one, all }, i) => (
            <tr key={i}>
              <td>{capitalise(ROLE_WORDS[one.role])}</td>
              {hasView ? <td>{one.view ?? 'all'}</td> : null}
              <td>{formatWidth(one.widthMm, units)}</td>
              <td>{all.map(({ size, lengthMm }) => bySize(size, formatLength(lengthMm, units))).join(', ')}</td>
              {hasNap ? <td>{one.nap ? 'with nap' : ''}</td> : null}
              <td>“{one.from}”</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Confirm>
  )
}
