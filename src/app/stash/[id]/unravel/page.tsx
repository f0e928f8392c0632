import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { numberFrom, textFrom, type AskedAddress } from '@/app/asked'
import { idFrom } from '@/app/idFrom'
import { loadUnravel } from '@/features/stash/upcycle/loadUnravel'
import { UnravelPage } from '@/features/stash/upcycle/UnravelPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Unravel it' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<AskedAddress>
}

export default async function UnravelItPage({ params, searchParams }: Props) {
  const asked = await searchParams
  const choice = {
    seams: textFrom(asked, 'seams'),
    surface: textFrom(asked, 'surface'),
    grams: numberFrom(asked, 'grams', [1, 20_000]),
    wraps: numberFrom(asked, 'wraps', [1, 100]),
    strands: Math.round(numberFrom(asked, 'strands', [1, 20]) ?? 1),
  }
  const loaded = await loadUnravel(idFrom((await params).id), choice, await readPreferences())
  return <UnravelPage key={JSON.stringify(choice)} {...(loaded ?? notFound())} />
}
