import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadPiece } from '@/features/stash/piece/load'
import { PiecePage } from '@/features/stash/piece/PiecePage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'A piece' }

export default async function OnePiecePage({ params }: { params: Promise<{ id: string }> }) {
  const data = await loadPiece(idFrom((await params).id), await readPreferences())
  return <PiecePage {...(data ?? notFound())} />
}
