import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { BenchStart } from '@/features/identify/burn/BenchStart'
import { HandOf } from '@/features/shared/hand/HandOf'
import { burnsToContinue } from '@/features/shared/burn/loadUnfinished'
import { unfinishedBurn } from '@/features/shared/burn/session'
import { looseBurnTests } from '@/server/records/burnTests'
import { notebook } from '@/server/database'
import { findPiece } from '@/server/records/pieces'

export const metadata: Metadata = { title: 'Burn tests' }

export default async function BenchPage({ searchParams }: { searchParams: Promise<{ piece?: string | string[] }> }) {
  const id = pieceFrom((await searchParams).piece)
  const db = await notebook()
  const [left, loose, piece] = await Promise.all([
    burnsToContinue(db),
    looseBurnTests(db),
    id ? findPiece(db, id) : undefined,
  ])
  const results = loose.filter((test) => !unfinishedBurn(test))
  return (
    <>
      <HandOf pieceId={piece?.id} />
      <BenchStart
        left={left}
        loose={results.map((test) => ({ id: test.id, answers: test.answers }))}
        of={piece ? { id: piece.id, name: piece.name } : null}
      />
    </>
  )
}
