import type { Metadata } from 'next'
import { loadLook } from '@/features/learn/looks/load'
import { LooksPage } from '@/features/learn/looks/LooksPage'
import { now } from '@/features/shared/now'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Name that fabric' }

export default async function NameByLookingPage() {
  const data = await loadLook(await readPreferences(), now())
  return <LooksPage key={data.token} {...data} />
}
