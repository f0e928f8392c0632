import type { Metadata } from 'next'
import { techniques } from '@/core/sew/techniques'
import { TechniquesPage } from '@/features/learn/techniques/TechniquesPage'

export const metadata: Metadata = { title: 'Seams, hems and ways' }

export default function SeamsHemsAndWaysPage() {
  return <TechniquesPage techniques={techniques} />
}
