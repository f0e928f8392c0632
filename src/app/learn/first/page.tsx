import type { Metadata } from 'next'
import { FirstPage } from '@/features/learn/first/FirstPage'

export const metadata: Metadata = { title: 'The first five minutes' }

export default function TheFirstFiveMinutesPage() {
  return <FirstPage />
}
