import type { Metadata } from 'next'
import { CarePage } from '@/features/learn/care/CarePage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadCare } from '@/features/learn/care/load'

export const metadata: Metadata = { title: 'Care symbols' }

export default async function CareSymbolsPage() {
  return <CarePage {...await loadCare((await readPreferences()).words)} />
}
