import type { Metadata } from 'next'
import { loadSide } from '@/features/learn/sides/load'
import { SidesPage } from '@/features/learn/sides/SidesPage'
import { now } from '@/features/shared/now'

export const metadata: Metadata = { title: 'Warp, nap and right side' }

export default async function WhichWayRoundPage() {
  const data = await loadSide(now())
  return <SidesPage key={data.token} {...data} />
}
