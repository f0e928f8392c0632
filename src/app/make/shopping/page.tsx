import type { Metadata } from 'next'
import { loadShop } from '@/features/make/shop/load'
import { ShopPage } from '@/features/make/shop/ShopPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import type { AskedAddress } from '@/features/shared/address/address'
import { CARDS_SHOWN, OTHERS_SHOWN } from '@/features/make/shop/cardsShown'
import { shownParam } from '@/features/shared/address/shown'
import { firstOf } from '@/features/shared/address/firstOf'

export const metadata: Metadata = { title: 'Shopping' }

/** Sizes that were chosen, by the patterns’ ids: `?size.ID=12`. */
const SIZE = 'size.'

export default async function InTheShop({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const said = await searchParams
  const asked = Object.entries(said).filter(([key]) => key.startsWith(SIZE))
  const sizes = Object.fromEntries(asked.map(([key, value]) => [key.slice(SIZE.length), firstOf(value, 24)]))
  const show = {
    projects: shownParam(CARDS_SHOWN).read(firstOf(said.show, 8)),
    others: shownParam(OTHERS_SHOWN).read(firstOf(said.others, 8)),
  }
  return <ShopPage {...await loadShop(await readPreferences(), sizes, show)} />
}
