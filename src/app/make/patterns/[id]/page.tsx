import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { firstOf } from '@/features/shared/address/firstOf'
import { idFrom } from '@/app/idFrom'
import { loadPattern } from '@/features/make/patterns/load'
import { PatternPage } from '@/features/make/patterns/PatternPage'
import { ON_BOARD } from '@/features/make/patterns/onBoard'
import { shownParam } from '@/features/shared/address/shown'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Pattern' }

interface Asked {
  params: Promise<{ id: string }>
  searchParams: Promise<{ size?: string | string[]; view?: string | string[]; show?: string | string[] }>
}

export default async function OnePatternPage({ params, searchParams }: Asked) {
  const [{ id }, { size, view, show }] = await Promise.all([params, searchParams])
  const which = {
    size: firstOf(size, 24),
    view: firstOf(view, 24),
    show: shownParam(ON_BOARD).read(firstOf(show, 8)),
  }
  const loaded = await loadPattern(idFrom(id), await readPreferences(), which)
  return <PatternPage {...(loaded ?? notFound())} />
}
