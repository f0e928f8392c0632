import type { Metadata } from 'next'
import { testFrom } from '@/app/testFrom'
import { readPreferences } from '@/features/shared/settings/readPreferences'
import { BenchLog } from '@/features/identify/burn/log/BenchLog'
import { logVerdictOf } from '@/features/identify/burn/log/verdictOf'

export const metadata: Metadata = { title: 'Burn log' }

export default async function BenchLogPage({ params }: { params: Promise<{ id: string }> }) {
  const { test, of, box, controls } = await testFrom(params)
  const { words } = await readPreferences()
  const known = box.flatMap((control) =>
    control.tests
      .filter(({ id }) => id !== test.id)
      .map(({ id, answers }) => ({ id: `known ${id}`, label: `Known: ${control.name}`, answers })),
  )
  return (
    <BenchLog
      testId={test.id}
      revision={test.revision}
      name={of?.name ?? 'this test'}
      answers={test.answers}
      setup={test.setup}
      notes={test.specimens}
      controls={controls}
      yarn={of?.yarn}
      known={known}
      first={logVerdictOf(test.answers, test.setup, controls, words)}
    />
  )
}
