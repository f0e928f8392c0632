import type { Metadata } from 'next'
import { damagedOf } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadStash } from '@/features/stash/load'
import { Stash } from '@/features/stash/Stash'

export const metadata: Metadata = { title: 'The stash' }

export default async function StashPage() {
  const [rows, damaged] = await Promise.all([
    readPreferences().then(loadStash),
    damagedOf('piece', 'measurement', 'burn-test'),
  ])
  return <Stash rows={rows} damaged={damaged} />
}
