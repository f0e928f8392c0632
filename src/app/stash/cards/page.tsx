import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { paramsFrom } from '@/app/paramsFrom'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { CardsPage } from '@/features/stash/cards/CardsPage'
import { originForPhones } from '@/server/auth/shared'
import { MOST_CARDS, piecesAsked } from '@/features/stash/cards/load'

export const metadata: Metadata = { title: 'Swatch cards and labels' }

/** Names that stand on the page. */
const SHOWN = 40

type Asked = Record<string, string | string[] | undefined>

export default async function Cards({ searchParams }: { searchParams: Promise<Asked> }) {
  const params = paramsFrom(await searchParams)
  const gists = await piecesAsked(params, (await readPreferences()).words)
  const names = gists.slice(0, SHOWN).map(({ name }) => name)
  const hasCodes = originForPhones((await headers()).get('host')) !== null
  return (
    <CardsPage asked={params.toString()} names={names} count={gists.length} most={MOST_CARDS} hasCodes={hasCodes} />
  )
}
