import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { numberFrom, textFrom, type AskedAddress } from '@/app/asked'
import { idFrom } from '@/app/idFrom'
import { DyePage } from '@/features/stash/upcycle/DyePage'
import { loadDye } from '@/features/stash/upcycle/loadDye'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Dye it' }

interface Props {
  params: Promise<{ id: string }>
  searchParams: Promise<AskedAddress>
}

export default async function DyeItPage({ params, searchParams }: Props) {
  const asked = await searchParams
  const choice = {
    to: textFrom(asked, 'to'),
    thread: textFrom(asked, 'thread'),
    finish: textFrom(asked, 'finish'),
    grams: numberFrom(asked, 'grams', [1, 50_000]),
  }
  const loaded = await loadDye(idFrom((await params).id), choice, await readPreferences())
  return <DyePage key={JSON.stringify(choice)} {...(loaded ?? notFound())} />
}
