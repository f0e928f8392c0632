'use client'

import { useState, useTransition } from 'react'
import styled from 'styled-components'
import { capitalised, formatLength, formatWidth } from '@/core/units/format'
import { ROLE_WORDS } from '@/core/vocabulary/choosing'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Actions, Paper, PlainList, Slip, Soft } from '@/ui/kit/surfaces'
import { type Form } from '../../shared/form/useForm'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { readPasted, type ReadLength } from './actions'
import { withLengths, withReading, type PatternDraft } from './draft'

const Wide = styled.div`
  overflow-x: auto;
`
const Table = styled.table`
  border-collapse: collapse;
  th,
  td {
    padding: 0.3rem 0.8rem 0.3rem 0;
    text-align: left;
    vertical-align: top;
  }
`

type Read = Awaited<ReturnType<typeof readPasted>>

/** The words of an envelope, pasted and read; what was not understood stands beside them. */
export function EnvelopeField({ form: { value, set, replace } }: { form: Form<PatternDraft> }) {
  const [reading, start] = useTransition()
  const [toConfirm, setToConfirm] = useState<Read | null>(null)
  const read = () =>
    start(async () => {
      const answer = await readPasted(value.envelope)
      const named = value.name.trim() === '' && answer.name !== null ? { name: answer.name } : {}
      const viewed = value.views.trim() === '' && answer.views.length > 0 ? { views: answer.views.join(', ') } : {}
      replace({ ...withReading(value, answer.pattern), ...named, ...viewed })
      setToConfirm(answer.lengths.length > 0 ? answer : null)
    })
  const confirm = () => {
    if (toConfirm) replace(withLengths(value, toConfirm.pattern))
    setToConfirm(null)
  }
  return (
    <Paper aria-label="The envelope">
      <TextField
        label="What the envelope says"
        hint="Fabrics, what it is not suitable for, lining and interfacing, notions, and the table of lengths."
        rows={7}
        value={value.envelope}
        onChange={(envelope) => set({ envelope })}
      />
      <Actions>
        <Button isDisabled={reading || value.envelope.trim() === ''} onPress={read}>
          {reading ? 'Reading…' : 'Read the text'}
        </Button>
        <Soft>Fills in the fields below; look them over, and change what is wrong.</Soft>
      </Actions>
      {toConfirm ? (
        <ToConfirm lengths={toConfirm.lengths} onConfirm={confirm} onLeave={() => setToConfirm(null)} />
      ) : null}
      {value.notRead.length > 0 ? (
        <Slip role="status">
          <b>Not understood, and left as it is:</b>
          <PlainList $gap="0.2rem">
            {value.notRead.map((line) => (
              <li key={line}>“{line}”</li>
            ))}
          </PlainList>
        </Slip>
      ) : null}
    </Paper>
  )
}

interface ToConfirmProps {
  lengths: readonly ReadLength[]
  onConfirm: () => void
  onLeave: () => void
}

/** The lengths that were read, each beside the line that it stands in. */
function ToConfirm({ lengths, onConfirm, onLeave }: ToConfirmProps) {
  const { units } = usePreferences()
  const some = (of: (one: ReadLength) => unknown) => lengths.some((one) => of(one))
  const [hasView, hasSize, hasNap] = [some((one) => one.view), some((one) => one.size), some((one) => one.nap)]
  return (
    <section aria-label="Lengths to confirm">
      <p>
        <b>Are these lengths right?</b> They count only once you confirm them.
      </p>
      <Actions>
        <StrongButton onPress={onConfirm}>Use these lengths</StrongButton>
        <Button onPress={onLeave}>Leave them out</Button>
      </Actions>
      <Wide>
        <Table>
          <thead>
            <tr>
              <th scope="col">Fabric</th>
              {hasView ? <th scope="col">View</th> : null}
              {hasSize ? <th scope="col">Size</th> : null}
              <th scope="col">Width</th>
              <th scope="col">Length</th>
              {hasNap ? <th scope="col">Nap</th> : null}
              <th scope="col">In the text</th>
            </tr>
          </thead>
          <tbody>
            {lengths.map((one, i) => (
              <tr key={i}>
                <td>{capitalised(ROLE_WORDS[one.role])}</td>
                {hasView ? <td>{one.view ?? 'all'}</td> : null}
                {hasSize ? <td>{one.size ?? 'all'}</td> : null}
                <td>{formatWidth(one.widthMm, units)}</td>
                <td>{formatLength(one.lengthMm, units)}</td>
                {hasNap ? <td>{one.nap ? 'with nap' : ''}</td> : null}
                <td>“{one.from}”</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Wide>
    </section>
  )
}
