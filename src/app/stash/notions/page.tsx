import type { Metadata } from 'next'
import { NOTION_KINDS } from '@/core/vocabulary/upcycling'
import { firstOf } from '@/features/shared/address/firstOf'
import { shownParam } from '@/features/shared/address/shown'
import { NOTIONS_SHOWN } from '@/features/stash/upcycle/notionsShown'
import { BoxPage } from '@/features/stash/upcycle/BoxPage'
import { loadBox } from '@/features/stash/upcycle/loadBox'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Notions and yarn' }

interface Asked {
  searchParams: Promise<{ kind?: string | string[]; show?: string | string[] }>
}

export default async function NotionsPage({ searchParams }: Asked) {
  const [{ kind, show }, { words }] = await Promise.all([searchParams, readPreferences()])
  const asked = NOTION_KINDS.find((one) => one === firstOf(kind, 40))
  return <BoxPage {...await loadBox(words, asked, shownParam(NOTIONS_SHOWN).read(firstOf(show, 8)))} />
}
