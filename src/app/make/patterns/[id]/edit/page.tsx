import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { EditPattern } from '@/features/make/patterns/EditPattern'
import { loadPatternForm } from '@/features/make/patterns/load'

export const metadata: Metadata = { title: 'Edit pattern' }

export default async function EditPatternPage({ params }: { params: Promise<{ id: string }> }) {
  const loaded = await loadPatternForm(idFrom((await params).id))
  return <EditPattern {...(loaded ?? notFound())} />
}
