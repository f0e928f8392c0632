'use client'

import { useState } from 'react'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Fields, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { useNewId } from '../../shared/form/useNewId'
import { fieldUnits, fromField, toField } from '../../shared/settings/measures'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { cutPiece } from './kinActions'
import { type PieceData } from './types'

interface Offcut {
  name: string
  widthMm: number | null
  lengthMm: number | null
}

/** Cutting from a piece: what is taken, what for, and the offcuts that are worth keeping. */
export function CutForm({ piece }: Pick<PieceData, 'piece'>) {
  const { short, long } = fieldUnits(usePreferences().units)
  const { busy, trouble, doing } = useAsyncAction()
  const newId = useNewId(`cut-${piece.id}`)
  const [lengthMm, setLength] = useState<number | null>(null)
  const [what, setWhat] = useState('')
  const [offcuts, setOffcuts] = useState<readonly Offcut[]>([])
  const change = (index: number, part: Partial<Offcut>) =>
    setOffcuts(offcuts.map((one, i) => (i === index ? { ...one, ...part } : one)))
  const cut = () =>
    doing(async () => {
      const measured = offcuts.flatMap(({ name, widthMm, lengthMm: along }) =>
        widthMm === null || along === null ? [] : [{ name, widthMm, lengthMm: along }],
      )
      if (measured.length < offcuts.length)
        return { ok: false, errors: { offcuts: 'Please enter a width and a length for each offcut.' } }
      const outcome = await cutPiece({ pieceId: piece.id, lengthMm, what, offcuts: measured }, await newId.take())
      if (outcome.ok) {
        newId.spend()
        setLength(null)
        setWhat('')
        setOffcuts([])
      }
      return outcome
    })
  const another = { name: `${piece.name}, offcut ${offcuts.length + 1}`, widthMm: null, lengthMm: null }
  return (
    <Stack $gap="0.9rem">
      <Fields>
        <NumberField
          label="Length cut off"
          unit={long.symbol}
          minValue={0}
          value={toField(lengthMm, long)}
          onChange={(value) => setLength(fromField(value, long))}
        />
        <TextField label="For" value={what} onChange={setWhat} hint="A smock, a curtain, a swatch." />
      </Fields>
      {offcuts.map((offcut, index) => (
        <Fields key={index} role="group" aria-label={`Offcut ${index + 1}`}>
          <TextField label="Offcut" value={offcut.name} onChange={(name) => change(index, { name })} />
          <NumberField
            label="Offcut’s width"
            unit={short.symbol}
            value={toField(offcut.widthMm, short)}
            onChange={(value) => change(index, { widthMm: fromField(value, short) })}
          />
          <NumberField
            label="Offcut’s length"
            unit={short.symbol}
            value={toField(offcut.lengthMm, short)}
            onChange={(value) => change(index, { lengthMm: fromField(value, short) })}
          />
        </Fields>
      ))}
      <Actions>
        <StrongButton isDisabled={busy || (lengthMm === null && offcuts.length === 0)} onPress={cut}>
          Mark as cut
        </StrongButton>
        <Button onPress={() => setOffcuts([...offcuts, another])}>Add an offcut</Button>
        {offcuts.length > 0 ? (
          <QuietButton onPress={() => setOffcuts(offcuts.slice(0, -1))}>Remove the last</QuietButton>
        ) : null}
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
