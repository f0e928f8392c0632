'use client'

import { useRouter } from 'next/navigation'
import { type Answer } from '@/core/identify/identify'
import { type Piece } from '@/core/notebook/kinds/piece'
import { Columns, Page, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { RecordForm } from '../shared/form/RecordForm'
import { useForm } from '../shared/form/useForm'
import { completeReading, EMPTY_READING, type DraftReading } from '../shared/weigh/draft'
import { ReadingFields } from '../shared/weigh/ReadingFields'
import { WeightResult } from '../shared/weigh/WeightResult'
import { AddWays } from './AddWays'
import { keepPiece } from './actions'
import { cleanPiece } from './fields/cleanPiece'
import { PieceFields } from './fields/PieceFields'
import { Say } from '@/ui/text/Say'

interface Props {
  blank: Piece
  testId: string | null
  verdict: Answer['verdict'] | null
}

const HALF_WEIGHED = 'The weighing is not complete: fill in weight, length and width, or clear all three.'

/** Weigh it, keep it: one page from the bench to the shelf. */
export function NewPiece({ blank, testId, verdict }: Props) {
  const router = useRouter()
  const form = useForm({
    initial: { piece: blank, draft: EMPTY_READING },
    save: ({ piece, draft }, _, id) =>
      keepPiece({ piece: cleanPiece(piece), reading: completeReading(draft) ?? null, testId, id }),
    onKept: ({ id }) => router.push(`/stash/${id}`),
    keepAs: `new-piece-${testId ?? ''}`,
  })
  const { piece, draft } = form.value
  const reading = completeReading(draft)
  const isBegun = draft.grams !== null || draft.lengthMm !== null || draft.widthMm !== null
  const keep = () => (isBegun && !reading ? form.refuse({ form: HALF_WEIGHED }) : form.submit())
  return (
    <Page>
      <h1>Add a fabric</h1>
      <AddWays here="/stash/add" />
      {verdict ? (
        <Callout>
          <b>From the burn test:</b> <Say>{verdict.text}</Say>
        </Callout>
      ) : null}
      <RecordForm form={form} keep="Add to stash" onKeep={keep}>
        <PieceFields
          piece={piece}
          weave="plain"
          isNew
          below={<Weigh draft={draft} onChange={(next) => form.set({ draft: next })} error={form.error} />}
          onChange={(next) => form.set({ piece: next })}
          error={(key) => form.error(`piece.${key}`)}
        />
      </RecordForm>
    </Page>
  )
}

interface WeighProps {
  draft: DraftReading
  onChange: (draft: DraftReading) => void
  error: (path: string) => string | undefined
}

function Weigh({ draft, onChange, error }: WeighProps) {
  const reading = completeReading(draft)
  return (
    <Paper aria-labelledby="weigh">
      <h2 id="weigh">Weigh it</h2>
      <Soft>
        Put a piece of known size on the scale. With a coarse scale, fold up a long length and enter its whole length
        and width.
      </Soft>
      <Columns $first="1.5fr">
        <ReadingFields draft={draft} onChange={onChange} error={error} />
        <WeightResult readings={reading ? [reading] : []} />
      </Columns>
    </Paper>
  )
}
