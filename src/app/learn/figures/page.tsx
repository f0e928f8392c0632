import type { Metadata } from 'next'
import { numbersAddress } from '@/features/learn/numbers/numbersAddress'
import { loadNumbers } from '@/features/learn/numbers/load'
import { NumbersPage } from '@/features/learn/numbers/NumbersPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'

export const metadata: Metadata = { title: 'Guess the figures' }

export default async function GuessTheNumbersPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const data = await loadNumbers(readAddress(numbersAddress, await searchParams), await readPreferences())
  return <NumbersPage {...data} />
}
