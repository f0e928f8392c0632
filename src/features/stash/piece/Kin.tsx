'use client'

import Link from 'next/link'
import { countNoun } from '@/core/units/format'
import { useState } from 'react'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { TextField } from '@/ui/kit/fields'
import { Actions, PlainList, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { When } from '../../shared/history/When'
import { CutForm } from './CutForm'
import { putInLot } from './kinActions'
import { type PieceData } from './types'

/** What the piece was cut from, what was cut from it, and what it was bought with. */
export function RelatedPiecesPanel(data: PieceData) {
  const { piece, kin } = data
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Stack $gap="0.8rem" as="section" aria-label="Cut from, offcuts and lot">
      {kin.cutFrom ? (
        <p>
          Cut from <Link href={`/stash/${kin.cutFrom.id}`}>{kin.cutFrom.name}</Link>.
        </p>
      ) : null}
      {kin.cuts.length > 0 ? (
        <div>
          <b>Cut so far</b>
          <PlainList $gap="0.2rem">
            {kin.cuts.map(({ id, on, says }) => (
              <li key={id}>
                <When at={on} />: {says}
              </li>
            ))}
          </PlainList>
        </div>
      ) : null}
      {kin.offcuts.length > 0 ? (
        <div>
          <b>Offcuts</b>
          <PlainList $gap="0.2rem">
            {kin.offcuts.map(({ id, name }) => (
              <li key={id}>
                <Link href={`/stash/${id}`}>{name}</Link>
              </li>
            ))}
          </PlainList>
        </div>
      ) : null}
      {kin.lot ? (
        <p>
          From the lot <Link href={`/stash?lot=${kin.lot.id}`}>{kin.lot.name}</Link>, with{' '}
          {countNoun(kin.lot.others, 'other fabric')}.{' '}
          <QuietButton isDisabled={busy} onPress={() => doing(() => putInLot(piece.id, { lotId: null, name: null }))}>
            Remove from the lot
          </QuietButton>
        </p>
      ) : (
        <WhenOpened summary="Bought together with others of the same fabric?">
          {() => <LotForm {...data} />}
        </WhenOpened>
      )}
      <WhenOpened summary="Cut from it">{() => <CutForm piece={piece} />}</WhenOpened>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}

function LotForm({ piece, kin }: PieceData) {
  const [name, setName] = useState('')
  const { busy, trouble, doing } = useAsyncAction()
  return (
    <Stack $gap="0.6rem">
      <Actions>
        {kin.lots.map((lot) => (
          <Button
            key={lot.id}
            isDisabled={busy}
            onPress={() => doing(() => putInLot(piece.id, { lotId: lot.id, name: null }))}
          >
            {lot.name}
          </Button>
        ))}
      </Actions>
      <TextField label="A new lot" value={name} onChange={setName} hint="“Lobby curtains, May”." />
      <Actions>
        <Button
          isDisabled={busy || name.trim() === ''}
          onPress={() => doing(() => putInLot(piece.id, { lotId: null, name }))}
        >
          Add to this lot
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
