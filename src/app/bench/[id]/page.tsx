import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { BenchTest } from '@/features/bench/BenchTest'
import { findBurnTest } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { findPiece } from '@/server/pieces'

export const metadata: Metadata = { title: 'Burn test' }

export default async function BenchTestPage({ params }: { params: Promise<{ id: string }> }) {
  const db = await notebook()
  const test = await findBurnTest(db, idFrom((await params).id))
  if (!test) notFound()
  const piece = test.pieceId === null ? undefined : await findPiece(db, test.pieceId)
  return <BenchTest testId={test.id} initial={test.answers} piece={piece ? { id: piece.id, name: piece.name } : null} />
}
