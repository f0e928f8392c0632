import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { EditPiece } from '@/features/stash/EditPiece'
import { notebook } from '@/server/database'
import { findRecord } from '@/server/store/repository'
import { weaveOf } from '@/core/cloths/weaveOf'

export const metadata: Metadata = { title: 'Edit fabric' }

export default async function EditPiecePage({ params }: { params: Promise<{ id: string }> }) {
  const found = await findRecord(await notebook(), 'piece', idFrom((await params).id))
  if (!found) notFound()
  return <EditPiece id={found.id} revision={found.revision} initial={found.data} weave={weaveOf(found.data)} />
}
