import type { Metadata } from 'next'
import { loadNumbers } from '@/features/learn/numbers/load'
import { NumbersPage } from '@/features/learn/numbers/NumbersPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { textFrom, type AskedAddress } from '../../asked'

export const metadata: Metadata = { title: 'Guess the numbers' }

export default async function GuessTheNumbersPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const data = await loadNumbers(textFrom(await searchParams, 'what'), await readPreferences())
  return <NumbersPage {...data} />
}
