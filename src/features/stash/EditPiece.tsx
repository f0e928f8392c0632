'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { type Piece } from '@/core/notebook/records'
import { StrongButton } from '@/ui/controls/buttons'
import { ButtonLink } from '@/ui/controls/links'
import { Actions, Page, Slip } from '@/ui/controls/surfaces'
import { updatePiece } from './actions'
import { PieceFields } from './PieceFields'

export function EditPiece({ id, initial }: { id: number; initial: Piece }) {
  const router = useRouter()
  const [piece, setPiece] = useState(initial)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const [saving, start] = useTransition()
  const keep = () =>
    start(async () => {
      const outcome = await updatePiece(id, { piece })
      if (outcome.ok) router.push(`/stash/${id}`)
      else setErrors(outcome.errors)
    })
  const [firstError] = Object.values(errors)
  return (
    <Page>
      <h1>{initial.name}</h1>
      <PieceFields piece={piece} onChange={setPiece} errors={errors} />
      {firstError ? (
        <Slip $tone="warn" role="alert">
          Not kept yet. {firstError}
        </Slip>
      ) : null}
      <Actions>
        <StrongButton isDisabled={saving} onPress={keep}>
          {saving ? 'Keeping…' : 'Keep the changes'}
        </StrongButton>
        <ButtonLink href={`/stash/${id}`}>Back without changing</ButtonLink>
      </Actions>
    </Page>
  )
}
