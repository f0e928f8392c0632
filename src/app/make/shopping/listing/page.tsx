import type { Metadata } from 'next'
import { ListingPage } from '@/features/make/shop/ListingPage'

export const metadata: Metadata = { title: 'Check an online listing' }

export default function CheckListing() {
  return <ListingPage />
}
