import type { Metadata } from 'next'
import { FirstPage } from '@/features/learn/first/FirstPage'

export const metadata: Metadata = { title: 'Your first burn test' }

export default function TheFirstFiveMinutesPage() {
  return <FirstPage />
}
