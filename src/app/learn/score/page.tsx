import type { Metadata } from 'next'
import { loadScore } from '@/features/learn/practice/load'
import { ScorePage } from '@/features/learn/practice/ScorePage'

export const metadata: Metadata = { title: 'My score' }

export default async function YourScorePage() {
  return <ScorePage {...await loadScore()} />
}
