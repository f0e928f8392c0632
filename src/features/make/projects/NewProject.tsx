'use client'

import { useRouter } from 'next/navigation'
import { ComboField } from '@/ui/kit/ComboField'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { RecordForm } from '../../shared/form/RecordForm'
import { useForm } from '../../shared/form/useForm'
import { keepProject } from './actions'
import { type loadNewProject } from './load'

interface Props {
  patterns: Awaited<ReturnType<typeof loadNewProject>>
  begin: { pattern: string; size: string; view: string }
}

/** What is made, by which pattern, in which size, and how often. */
export function NewProject({ patterns, begin }: Props) {
  const router = useRouter()
  const named = patterns.find(({ id }) => id === begin.pattern)
  const form = useForm({
    initial: {
      name: named?.name ?? '',
      patternId: named?.id ?? null,
      size: begin.size,
      view: begin.view,
      copies: 1,
    },
    save: (draft, _, id) => keepProject(draft, id),
    onKept: ({ id }) => router.push(`/make/projects/${id}`),
  })
  const { value, set, error } = form
  const pattern = patterns.find(({ id }) => id === value.patternId)
  return (
    <Page>
      <h1>Start a project</h1>
      <Paper aria-label="Project">
        <RecordForm form={form} keep="Continue with its fabric">
          <ComboField
            label="Pattern"
            hint="Choose one of your patterns; leave it empty for something without a pattern."
            chosen={value.patternId}
            onChoose={(id) =>
              set({ patternId: id, name: value.name || (patterns.find((one) => one.id === id)?.name ?? '') })
            }
            options={patterns.map(({ id, name }) => ({ id, label: name }))}
          />
          <TextField
            label="Name of the project"
            value={value.name}
            onChange={(name) => set({ name })}
            error={error('name')}
            isRequired
          />
          <Fields>
            <WhichField
              label="Size"
              value={value.size}
              all={pattern?.sizes ?? []}
              onChange={(size) => set({ size })}
            />
            <WhichField
              label="View"
              value={value.view}
              all={pattern?.views ?? []}
              onChange={(view) => set({ view })}
            />
            <NumberField
              label="How many"
              minValue={1}
              maxValue={100}
              value={value.copies}
              onChange={(copies) => set({ copies: Number.isFinite(copies) ? Math.round(copies) : 1 })}
            />
          </Fields>
        </RecordForm>
        <Soft>You choose the fabric next; we reserve it for this project.</Soft>
      </Paper>
    </Page>
  )
}

/** One of those that the pattern names, or free text where it names none. */
export function WhichField({
  label,
  value,
  all,
  onChange,
}: {
  label: string
  value: string
  all: readonly string[]
  onChange: (value: string) => void
}) {
  if (all.length === 0) return <TextField label={label} value={value} onChange={onChange} />
  return (
    <SelectField
      label={label}
      value={all.includes(value) ? value : ''}
      onChange={onChange}
      options={[['', 'not chosen'], ...all.map((one) => [one, one] as const)]}
    />
  )
}
