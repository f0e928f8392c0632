import type { Metadata } from 'next'
import { techniques } from '@/core/sew/techniques'
import { loadTried } from '@/features/learn/techniques/loadTried'
import { TechniquesPage } from '@/features/learn/techniques/TechniquesPage'

export const metadata: Metadata = { title: 'Sewing techniques' }

export default async function SeamsHemsAndWaysPage() {
  return <TechniquesPage techniques={techniques} tried={await loadTried()} />
}
