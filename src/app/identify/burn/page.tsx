import type { Metadata } from 'next'
import { pieceFrom } from '@/app/idFrom'
import { BenchStart } from '@/features/identify/burn/BenchStart'
import { HandOf } from '@/features/shared/hand/HandOf'
import { looseBurnTests } from '@/server/records/burnTests'
import { notebook } from '@/server/database'
import { findPiece } from '@/server/records/pieces'

export const metadata: Metadata = { title: 'Burn tests' }

export default async function BenchPage({ searchParams }: { searchParams: Promise<{ piece?: string | string[] }> }) {
  const id = pieceFrom((await searchParams).piece)
  const db = await notebook()
  const [loose, piece] = await Promise.all([looseBurnTests(db), id ? findPiece(db, id) : undefined])
  return (
    <>
      <HandOf pieceId={piece?.id} />
      <BenchStart
        loose={loose.map((test) => ({ id: test.id, answers: test.answers }))}
        of={piece ? { id: piece.id, name: piece.name } : null}
      />
    </>
  )
}
