import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { firstOf } from '@/app/firstOf'
import { idFrom, pieceFrom } from '@/app/idFrom'
import { ROLES, type Role } from '@/core/vocabulary/choosing'
import { LayPage } from '@/features/make/laying/LayPage'
import { loadLay } from '@/features/make/laying/load'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Lay it out' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

/** More cloths than these are not laid on at once. */
const MOST_CLOTHS = 24
const MOST_CHARACTERS = 1200

export default async function LayOutPage({ params, searchParams }: Props) {
  const [{ id }, query, { words }] = await Promise.all([params, searchParams, readPreferences()])
  const said = (key: string) => firstOf(query[key], MOST_CHARACTERS)
  const role = (ROLES as readonly string[]).includes(said('role')) ? (said('role') as Role) : 'main'
  const cloths = said('cloth')
    .split(',')
    .flatMap((one) => pieceFrom(one) ?? [])
    .slice(0, MOST_CLOTHS)
  const asked = { cloths, projectId: pieceFrom(said('project')), role, size: said('size').slice(0, 24) }
  const data = (await loadLay(idFrom(id), asked, words)) ?? notFound()
  return <LayPage key={JSON.stringify([id, asked])} {...data} />
}
