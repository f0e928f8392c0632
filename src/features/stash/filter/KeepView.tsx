'use client'

import { useState } from 'react'
import { Button } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { useNewId } from '../../shared/form/useNewId'
import { keepView } from '../actions'

/** Keeps the filters as they stand under a name. */
export function KeepView({ query }: { query: string }) {
  const [name, setName] = useState('')
  const { busy, trouble, doing } = useAsyncAction()
  const newId = useNewId()
  const keep = () =>
    doing(async () => {
      const outcome = await keepView({ name, query }, await newId.take())
      if (outcome.ok) {
        newId.spend()
        setName('')
      }
      return outcome
    })
  return (
    <Stack $gap="0.5rem">
      <TextField label="Save these filters as" value={name} onChange={setName} hint="“Light silks, washed”." />
      <Button isDisabled={busy || name.trim() === ''} onPress={() => void keep()}>
        Save filter
      </Button>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
