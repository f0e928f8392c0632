import type { Metadata } from 'next'
import { differingWords } from '@/features/learn/words/words'
import { WordsPage } from '@/features/learn/words/WordsPage'

export const metadata: Metadata = { title: 'Words' }

export default function GlossaryPage() {
  return <WordsPage words={differingWords()} />
}
