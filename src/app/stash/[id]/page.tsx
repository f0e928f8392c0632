import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { damagedOfPiece } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { DamagedPiece } from '@/features/stash/piece/DamagedPiece'
import { loadPiece } from '@/features/stash/piece/load'
import { PiecePage } from '@/features/stash/piece/PiecePage'

export const metadata: Metadata = { title: 'Fabric' }

export default async function OnePiecePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id)
  const [data, damaged] = await Promise.all([loadPiece(id, await readPreferences()), damagedOfPiece(id)])
  if (data) return <PiecePage {...data} damaged={damaged} />
  return damaged.length > 0 ? <DamagedPiece damaged={damaged} /> : notFound()
}
