import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { EditPiece } from '@/features/stash/EditPiece'
import { notebook } from '@/server/database'
import { findPiece } from '@/server/pieces'

export const metadata: Metadata = { title: 'Change a piece' }

export default async function EditPiecePage({ params }: { params: Promise<{ id: string }> }) {
  const found = await findPiece(await notebook(), idFrom((await params).id))
  if (!found) notFound()
  const { id, ...piece } = found
  return <EditPiece id={id} initial={piece} />
}
