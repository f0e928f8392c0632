import type { Metadata } from 'next'
import { testFrom } from '@/app/testFrom'
import { identify } from '@/core/identify/identify'
import { questionOf } from '@/core/notebook/answers'
import { ClaimSlipSheet } from '@/features/identify/burn/verdict/ClaimSlipSheet'
import { readPreferences } from '@/features/shared/settings/readPreferences'

export const metadata: Metadata = { title: 'Note to the shop' }

export default async function ClaimSlipPage({ params }: { params: Promise<{ id: string }> }) {
  const [{ test, of, controls }, { words }] = await Promise.all([testFrom(params), readPreferences()])
  const question = questionOf(test.answers, test.setup, controls)
  return (
    <ClaimSlipSheet
      name={of?.name ?? 'a cloth without a name yet'}
      setup={test.setup}
      observations={question.observations}
      belief={identify(question, words)}
    />
  )
}
