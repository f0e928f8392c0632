import type { Metadata } from 'next'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { Heaps } from '@/features/stash/heap/Heaps'
import { loadHeaps } from '@/features/stash/heap/load'

export const metadata: Metadata = { title: 'Sort a pile' }

export default async function HeapsPage() {
  return <Heaps heaps={await loadHeaps(await readPreferences())} />
}
