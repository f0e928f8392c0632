import type { Metadata } from 'next'
import { loadPractice } from '@/features/learn/practice/load'
import { PracticePage } from '@/features/learn/practice/PracticePage'
import { now } from '@/features/shared/now'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Practise burn tests' }

export default async function PractisePage() {
  const { words } = await readPreferences()
  const data = await loadPractice(words, now())
  return <PracticePage key={data.token} {...data} />
}
