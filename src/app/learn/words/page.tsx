import type { Metadata } from 'next'
import { differingWords, termsTold } from '@/features/learn/words/words'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { WordsPage } from '@/features/learn/words/WordsPage'

export const metadata: Metadata = { title: 'UK and US words' }

export default async function GlossaryPage() {
  return <WordsPage words={differingWords()} terms={termsTold((await readPreferences()).words)} />
}
