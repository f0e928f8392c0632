import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { layAddress } from '@/features/make/laying/layAddress'
import { LayPage } from '@/features/make/laying/LayPage'
import { loadLay } from '@/features/make/laying/load'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Pattern layout' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<AskedAddress>
}

export default async function LayOutPage({ params, searchParams }: Props) {
  const [{ id }, query, { words }] = await Promise.all([params, searchParams, readPreferences()])
  const asked = readAddress(layAddress, query)
  const data = (await loadLay(idFrom(id), asked, words)) ?? notFound()
  return <LayPage asked={JSON.stringify([id, asked])} {...data} />
}
