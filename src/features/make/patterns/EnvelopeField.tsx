'use client'

import { useTransition } from 'react'
import { Button } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Actions, Paper, PlainList, Slip, Soft } from '@/ui/kit/surfaces'
import { type Form } from '../../shared/form/useForm'
import { readPasted } from './actions'
import { withReading, type PatternDraft } from './draft'

/** The words of an envelope, pasted and read; what was not understood stands beside them. */
export function EnvelopeField({ form: { value, set, replace } }: { form: Form<PatternDraft> }) {
  const [reading, start] = useTransition()
  const read = () => start(async () => replace(withReading(value, await readPasted(value.envelope))))
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
          {reading ? 'Reading…' : 'Read it'}
        </Button>
        <Soft>Fills in the fields below; look them over, and change what is wrong.</Soft>
      </Actions>
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
