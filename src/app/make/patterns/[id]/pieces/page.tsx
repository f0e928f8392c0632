import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadPieces } from '@/features/make/pieces/load'
import { PiecesPage } from '@/features/make/pieces/PiecesPage'

export const metadata: Metadata = { title: 'Pattern pieces' }

export default async function PatternPiecesPage({ params }: { params: Promise<{ id: string }> }) {
  return <PiecesPage {...((await loadPieces(idFrom((await params).id))) ?? notFound())} />
}
