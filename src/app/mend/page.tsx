import type { Metadata } from 'next'
import { loadMend } from '@/features/make/upcycle/loadMend'
import { MendPage } from '@/features/make/upcycle/MendPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { numberFrom, textFrom, type AskedAddress } from '../asked'

export const metadata: Metadata = { title: 'Mend it' }

export default async function MendingPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const asked = await searchParams
  const choice = {
    of: textFrom(asked, 'of'),
    damage: textFrom(asked, 'what'),
    mm: numberFrom(asked, 'mm', [1, 2000]) ?? 20,
  }
  return <MendPage {...await loadMend(choice, await readPreferences())} />
}
