import type { Metadata } from 'next'
import { loadShop } from '@/features/make/shop/load'
import { ShopPage } from '@/features/make/shop/ShopPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'In the shop' }

export default async function InTheShop() {
  return <ShopPage {...await loadShop(await readPreferences())} />
}
