import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { loadTechnique } from '@/features/learn/techniques/loadTechnique'
import { TechniquePage } from '@/features/learn/techniques/TechniquePage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Sewing technique' }

export default async function TechniqueRoute({ params }: { params: Promise<{ id: string }> }) {
  const technique = await loadTechnique((await params).id, (await readPreferences()).words)
  return technique ? <TechniquePage {...technique} /> : notFound()
}
