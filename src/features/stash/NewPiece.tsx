'use client'

import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { type Answer } from '@/core/identify/identify'
import { type Piece } from '@/core/notebook/records'
import { StrongButton } from '@/ui/controls/buttons'
import { Actions, Columns, Page, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { completeReading, EMPTY_READING } from '../weigh/draft'
import { ReadingFields } from '../weigh/ReadingFields'
import { WeightResult } from '../weigh/WeightResult'
import { keepPiece } from './actions'
import { PieceFields } from './PieceFields'

interface Props {
  blank: Piece
  testId: number | null
  verdict: Answer['verdict'] | null
}

/** Weigh it, keep it: one page from the bench to the shelf. */
export function NewPiece({ blank, testId, verdict }: Props) {
  const router = useRouter()
  const [piece, setPiece] = useState(blank)
  const [draft, setDraft] = useState(EMPTY_READING)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const [saving, start] = useTransition()
  const reading = completeReading(draft)
  const begunWeighing = draft.grams !== null || draft.lengthMm !== null || draft.widthMm !== null

  const keep = () =>
    start(async () => {
      if (begunWeighing && !reading) {
        setErrors({ form: 'The weighing is half filled in: finish it, or empty weight, length and width.' })
        return
      }
      const outcome = await keepPiece({ piece, reading: reading ?? null, testId })
      if (outcome.ok) router.push(`/stash/${outcome.id}`)
      else setErrors(outcome.errors)
    })
  const [firstError] = Object.values(errors)
  return (
    <Page>
      <h1>Weigh it, keep it</h1>
      {verdict ? (
        <Slip>
          <b>From the bench:</b> {verdict.text}
        </Slip>
      ) : null}
      <Paper aria-labelledby="weigh">
        <h2 id="weigh">Weigh it</h2>
        <Soft>
          Lay a piece of known size on the scale. With a coarse scale, fold up a long length and give its whole length
          and width.
        </Soft>
        <Columns $first="1.5fr">
          <ReadingFields draft={draft} onChange={setDraft} errors={errors} />
          <WeightResult readings={reading ? [reading] : []} />
        </Columns>
      </Paper>
      <PieceFields piece={piece} onChange={setPiece} errors={errors} />
      {firstError ? (
        <Slip $tone="warn" role="alert">
          Not kept yet. {firstError}
        </Slip>
      ) : null}
      <Actions>
        <StrongButton isDisabled={saving} onPress={keep}>
          {saving ? 'Keeping…' : 'Keep it in the stash'}
        </StrongButton>
      </Actions>
    </Page>
  )
}
