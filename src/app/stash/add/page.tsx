import type { Metadata } from 'next'
import { firstOf } from '@/features/shared/address/firstOf'
import { pieceFrom } from '@/app/idFrom'
import { identify } from '@/core/identify/identify'
import { questionOf } from '@/core/notebook/answers'
import { PieceSchema } from '@/core/notebook/kinds/piece'
import { loadTest } from '@/features/identify/burn/loadTest'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { NewPiece } from '@/features/stash/NewPiece'

export const metadata: Metadata = { title: 'Add a fabric' }

export default async function NewPiecePage({
  searchParams,
}: {
  searchParams: Promise<{ test?: string | string[]; called?: string | string[] }>
}) {
  const [{ words }, sent] = await Promise.all([readPreferences(), searchParams])
  const testId = pieceFrom(sent.test)
  const loaded = testId ? await loadTest(testId) : undefined
  const loose = loaded && loaded.of === null ? loaded : undefined
  const question = loose && questionOf(loose.test.answers, loose.test.setup, loose.controls)
  const verdict = question && question.observations.length > 0 ? identify(question, words).verdict : null
  const called = PieceSchema.shape.called.catch('').parse(firstOf(sent.called, 80))
  // A name is asked for on the page; the schema fills in the rest.
  const blank = {
    ...PieceSchema.parse({ name: '-', called, claim: loose?.test.setup.claim ?? [] }),
    name: '',
  }
  return <NewPiece blank={blank} testId={loose?.test.id ?? null} verdict={verdict} />
}
