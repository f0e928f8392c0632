'use client'

import { useRouter } from 'next/navigation'
import { Lead, Page } from '@/ui/kit/surfaces'
import { useForm } from '../../shared/form/useForm'
import { keepPattern } from './actions'
import { BLANK, patternOf } from './draft'
import { PatternForm } from './PatternForm'

/** A new pattern: pasted from its envelope, or said field by field. */
export function NewPattern() {
  const router = useRouter()
  const form = useForm({
    initial: BLANK,
    save: async (draft, _, id) => keepPattern(await patternOf(draft), id),
    onKept: ({ id }) => router.push(`/patterns/${id}`),
    keepAs: 'new-pattern-2',
  })
  return (
    <Page>
      <div>
        <h1>Write a pattern down</h1>
        <Lead>Paste what its envelope says, and look over what was read of it; or say it field by field.</Lead>
      </div>
      <PatternForm form={form} />
    </Page>
  )
}
