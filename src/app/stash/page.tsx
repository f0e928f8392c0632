import type { Metadata } from 'next'
import { paramsFrom } from '@/app/paramsFrom'
import { damagedOf, damagedOfUnknownKinds } from '@/features/shared/damaged/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { loadStash } from '@/features/stash/load'
import { Stash } from '@/features/stash/Stash'

export const metadata: Metadata = { title: 'Stash' }

type Asked = Record<string, string | string[] | undefined>

export default async function StashPage({ searchParams }: { searchParams: Promise<Asked> }) {
  const [asked, preferences] = await Promise.all([searchParams, readPreferences()])
  const [loaded, damaged, unknown] = await Promise.all([
    loadStash(paramsFrom(asked), preferences),
    damagedOf('piece', 'measurement', 'burn-test'),
    damagedOfUnknownKinds(),
  ])
  return <Stash {...loaded} isList={asked.as === 'list'} damaged={[...damaged, ...unknown]} />
}
