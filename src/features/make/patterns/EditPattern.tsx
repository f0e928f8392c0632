'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { type PatternRecord } from '@/core/notebook/kinds/pattern'
import { Page } from '@/ui/kit/surfaces'
import { useForm } from '../../shared/form/useForm'
import { changePattern } from './actions'
import { patternDraftOf, patternOf, type PatternDraft } from './draft'
import { PatternForm } from './PatternForm'

interface Props {
  id: string
  revision: number
  pattern: PatternRecord
}

/** A pattern that is kept, to be changed. */
export function EditPattern({ id, revision, pattern }: Props) {
  const router = useRouter()
  const form = useForm<PatternDraft>({
    initial: patternDraftOf(pattern),
    revision,
    save: async (draft, seen) => changePattern({ id, revision: seen ?? revision }, await patternOf(draft)),
    onKept: () => router.push(`/make/patterns/${id}`),
    keepAs: `pattern-${id}-${revision}`,
  })
  return (
    <Page>
      <div>
        <Link href={`/make/patterns/${id}`}>{pattern.name}</Link>
        <h1>Edit pattern</h1>
      </div>
      <PatternForm form={form} />
    </Page>
  )
}
