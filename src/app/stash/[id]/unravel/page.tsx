import { pageTitle } from '@/features/shared/settings/pageTitle'
import { notFound } from 'next/navigation'
import { idFrom } from '@/app/idFrom'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { unravelAddress } from '@/features/stash/upcycle/unravelAddress'
import { loadUnravel } from '@/features/stash/upcycle/loadUnravel'
import { UnravelPage } from '@/features/stash/upcycle/UnravelPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const generateMetadata = pageTitle('Unravelling')

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<AskedAddress>
}

export default async function UnravelItPage({ params, searchParams }: Props) {
  const choice = readAddress(unravelAddress, await searchParams)
  const loaded = await loadUnravel(idFrom((await params).id), choice, await readPreferences())
  return <UnravelPage key={JSON.stringify(choice)} {...(loaded ?? notFound())} />
}
