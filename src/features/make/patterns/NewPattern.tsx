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
    onKept: ({ id }) => router.push(`/make/patterns/${id}`),
    keepAs: 'new-pattern-2',
  })
  return (
    <Page>
      <div>
        <h1>Add a pattern</h1>
        <Lead>Paste the text from its envelope and check what we read, or fill in the fields.</Lead>
      </div>
      <PatternForm form={form} />
    </Page>
  )
}
