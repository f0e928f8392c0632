import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { loadSign } from '@/features/learn/care/loadSign'
import { SignPage } from '@/features/learn/care/SignPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Care symbol' }

export default async function CareSymbolRoute({ params }: { params: Promise<{ id: string }> }) {
  const sign = await loadSign((await params).id, await readPreferences())
  return sign ? <SignPage {...sign} /> : notFound()
}
