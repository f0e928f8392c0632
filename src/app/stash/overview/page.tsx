import type { Metadata } from 'next'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadLooking } from '@/features/stash/looking/load'
import { LookingPage } from '@/features/stash/looking/LookingPage'

export const metadata: Metadata = { title: 'Overview' }

export default async function Looking() {
  return <LookingPage {...await loadLooking((await readPreferences()).words)} />
}
