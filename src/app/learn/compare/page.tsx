import { pageTitle } from '@/features/shared/settings/pageTitle'
import { compareAddress } from '@/features/learn/compare/compareAddress'
import { ComparePage } from '@/features/learn/compare/ComparePage'
import { loadCompared } from '@/features/learn/compare/load'
import { readAddress, type AskedAddress } from '@/features/shared/address/address'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const generateMetadata = pageTitle('Compare two fibres')

export default async function ComparedPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const asked = readAddress(compareAddress, await searchParams)
  const { words } = await readPreferences()
  return <ComparePage {...loadCompared(asked, words)} />
}
