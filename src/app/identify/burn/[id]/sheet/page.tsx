import type { Metadata } from 'next'
import { testFrom } from '@/app/testFrom'
import { identify } from '@/core/identify/identify'
import { questionOf } from '@/core/notebook/answers'
import { LogSheet } from '@/features/identify/burn/log/LogSheet'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Burn log on paper' }

export default async function LogSheetPage({ params }: { params: Promise<{ id: string }> }) {
  const [{ test, of, controls }, { words }] = await Promise.all([testFrom(params), readPreferences()])
  const belief = identify(questionOf(test.answers, test.setup, controls), words)
  return (
    <LogSheet
      name={of?.name ?? 'a cloth without a name yet'}
      made={test.createdAt}
      answers={test.answers}
      notes={test.specimens}
      setup={test.setup}
      belief={belief}
      yarn={of?.yarn}
    />
  )
}
