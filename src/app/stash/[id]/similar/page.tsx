import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadAlike } from '@/features/stash/like/load'
import { LikePage } from '@/features/stash/like/LikePage'

export const metadata: Metadata = { title: 'Similar fabrics' }

export default async function Like({ params }: { params: Promise<{ id: string }> }) {
  const loaded = await loadAlike(idFrom((await params).id), await readPreferences())
  return <LikePage {...(loaded ?? notFound())} />
}
