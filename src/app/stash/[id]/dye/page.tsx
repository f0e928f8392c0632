import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { dyeAddress } from '@/features/stash/upcycle/dyeAddress'
import { DyePage } from '@/features/stash/upcycle/DyePage'
import { loadDye } from '@/features/stash/upcycle/loadDye'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Dyeing' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<AskedAddress>
}

export default async function DyeItPage({ params, searchParams }: Props) {
  const choice = readAddress(dyeAddress, await searchParams)
  const loaded = await loadDye(idFrom((await params).id), choice, await readPreferences())
  return <DyePage key={JSON.stringify(choice)} {...(loaded ?? notFound())} />
}
