import type { Metadata } from 'next'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadTodos } from '@/features/stash/quick/load'
import { QuickPage } from '@/features/stash/quick/QuickPage'

export const metadata: Metadata = { title: 'Quick add' }

export default async function Quick() {
  return <QuickPage todos={await loadTodos((await readPreferences()).words)} />
}
