import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { loadSewing } from '@/features/make/sewing/load'
import { sewingAddress } from '@/features/make/sewing/sewingAddress'
import { SewingPage } from '@/features/make/sewing/SewingPage'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Sewing advice' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<AskedAddress>
}

export default async function HowToSewPage({ params, searchParams }: Props) {
  const asked = readAddress(sewingAddress, await searchParams)
  const loaded = await loadSewing(idFrom((await params).id), asked, await readPreferences())
  return <SewingPage {...(loaded ?? notFound())} />
}
