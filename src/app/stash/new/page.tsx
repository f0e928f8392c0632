import type { Metadata } from 'next'
import { identify } from '@/core/identify/identify'
import { observationsFrom } from '@/core/notebook/answers'
import { PieceSchema } from '@/core/notebook/records'
import { readPreferences } from '@/features/settings/readPreferences'
import { NewPiece } from '@/features/stash/NewPiece'
import { findBurnTest } from '@/server/burnTests'
import { notebook } from '@/server/database'

export const metadata: Metadata = { title: 'Weigh it, keep it' }

export default async function NewPiecePage({ searchParams }: { searchParams: Promise<{ test?: string }> }) {
  const { words } = await readPreferences()
  const testId = Number((await searchParams).test)
  const test = Number.isSafeInteger(testId) && testId > 0 ? await findBurnTest(await notebook(), testId) : undefined
  const loose = test?.pieceId === null ? test : undefined
  const observations = loose ? observationsFrom(loose.answers) : []
  const verdict = observations.length > 0 ? identify({ observations }, words).verdict : null
  // A name is asked for on the page; the schema fills in the rest.
  const blank = { ...PieceSchema.parse({ name: '-' }), name: '' }
  return <NewPiece blank={blank} testId={loose?.id ?? null} verdict={verdict} />
}
