import type { Metadata } from 'next'
import { CardsToPrint } from '@/features/learn/cards/CardsToPrint'
import { loadCards } from '@/features/learn/cards/loadCards'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Reference cards' }

export default async function CardsRoute() {
  const { words } = await readPreferences()
  return <CardsToPrint {...loadCards(words)} />
}
