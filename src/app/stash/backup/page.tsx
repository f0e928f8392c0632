import type { Metadata } from 'next'
import { loadSafe } from '@/features/stash/safe/load'
import { SafePage } from '@/features/stash/safe/SafePage'

export const metadata: Metadata = { title: 'Backup and data' }

export default async function Safe() {
  return <SafePage {...await loadSafe()} />
}
