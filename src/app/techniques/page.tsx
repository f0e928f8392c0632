import type { Metadata } from 'next'
import { techniques } from '@/core/sew/techniques'
import { loadTried } from '@/features/learn/techniques/loadTried'
import { TechniquesPage } from '@/features/learn/techniques/TechniquesPage'

export const metadata: Metadata = { title: 'Seams, hems and ways' }

export default async function SeamsHemsAndWaysPage() {
  return <TechniquesPage techniques={techniques} tried={await loadTried()} />
}
