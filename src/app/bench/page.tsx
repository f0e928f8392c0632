import type { Metadata } from 'next'
import { BenchStart } from '@/features/bench/BenchStart'
import { looseBurnTests } from '@/server/burnTests'
import { notebook } from '@/server/database'

export const metadata: Metadata = { title: 'Burn bench' }
export const dynamic = 'force-dynamic'

export default async function BenchPage() {
  const loose = await looseBurnTests(await notebook())
  return <BenchStart loose={loose.map(({ id, answers }) => ({ id, answers }))} />
}
