import type { Metadata } from 'next'
import { ConvertPage } from '@/features/learn/convert/ConvertPage'
import { ironDots } from '@/features/learn/convert/ironDots'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Convert units' }

export default async function ConversionPage() {
  return <ConvertPage dots={ironDots((await readPreferences()).words)} />
}
