import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { KitPage } from '@/features/kit/KitPage'

export const metadata: Metadata = { title: 'Kit' }
export const dynamic = 'force-dynamic'

/** Every control in all its states: for those who build, and for the tests. */
export default function KitRoute() {
  const isShown = process.env.NODE_ENV !== 'production' || process.env.ROUGH_SWATCH_KIT === 'shown'
  if (!isShown) notFound()
  return <KitPage />
}
