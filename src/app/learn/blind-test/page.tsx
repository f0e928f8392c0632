import type { Metadata } from 'next'
import { BlindPage } from '@/features/learn/blind/BlindPage'
import { loadBlind } from '@/features/learn/blind/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Blind test' }

export default async function BlindBoxPage() {
  return <BlindPage {...await loadBlind((await readPreferences()).words)} />
}
