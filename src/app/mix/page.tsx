import type { Metadata } from 'next'
import { loadMix } from '@/features/make/upcycle/loadTogether'
import { MixPage } from '@/features/make/upcycle/MixPage'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { numberFrom, textFrom, type AskedAddress } from '../asked'

export const metadata: Metadata = { title: 'Do they go together?' }

export default async function TogetherPage({ searchParams }: { searchParams: Promise<AskedAddress> }) {
  const asked = await searchParams
  const choice = {
    of: textFrom(asked, 'of'),
    seamCm: numberFrom(asked, 'seam', [1, 1000]) ?? 60,
    washes: Math.round(numberFrom(asked, 'washes', [0, 1000]) ?? 5),
    purpose: textFrom(asked, 'for'),
  }
  return <MixPage {...await loadMix(choice, (await readPreferences()).words)} />
}
