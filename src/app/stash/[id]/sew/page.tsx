import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadSewing } from '@/features/make/sewing/load'
import { SewingPage } from '@/features/make/sewing/SewingPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'How to sew it' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

export default async function HowToSewPage({ params, searchParams }: Props) {
  const { garment, lined } = await searchParams
  const asked = { garment: typeof garment === 'string' ? garment : '', isLined: lined === 'yes' }
  const loaded = await loadSewing(idFrom((await params).id), asked, await readPreferences())
  return <SewingPage {...(loaded ?? notFound())} />
}
