import { pageTitle } from '@/features/shared/settings/pageTitle'
import { notFound } from 'next/navigation'
import { FibrePage } from '@/features/learn/lookup/FibrePage'
import { loadFibre } from '@/features/learn/lookup/loadFibre'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const generateMetadata = pageTitle('Fibre')

export default async function FibreRoute({ params }: { params: Promise<{ id: string }> }) {
  const fibre = await loadFibre((await params).id, await readPreferences())
  return fibre ? <FibrePage {...fibre} /> : notFound()
}
