'use client'

import { FIBRE_IDS, FIBRE_WORDS, type FibreId } from '@/core/vocabulary/fibres'
import { TextField } from '@/ui/kit/fields'
import { SelectField } from '@/ui/kit/SelectField'
import { Paper } from '@/ui/kit/surfaces'
import { RecordForm } from '../../../shared/form/RecordForm'
import { useForm } from '../../../shared/form/useForm'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { keepControl } from '../actions'

const EMPTY: { fibre: FibreId; name: string; sure: string } = { fibre: 'cotton', name: '', sure: '' }

/** A known piece to put in. */
export function NewControl() {
  const { words } = usePreferences()
  const form = useForm({
    initial: EMPTY,
    save: (control, _, id) => keepControl(control, id),
    onKept: () => form.replace(EMPTY),
    keepAs: 'new-control',
  })
  const { value, set, error } = form
  return (
    <Paper aria-labelledby="new-control">
      <h2 id="new-control">Add a known sample</h2>
      <RecordForm form={form} keep="Add sample" isDisabled={value.name.trim() === ''}>
        <SelectField
          label="Fibre"
          value={value.fibre}
          onChange={(fibre) => set({ fibre })}
          options={FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const)}
        />
        <TextField label="Name" value={value.name} error={error('name')} onChange={(name) => set({ name })} />
        <TextField
          label="Why you are sure"
          hint="A label you believe, a thread you bought, a test."
          value={value.sure}
          error={error('sure')}
          onChange={(sure) => set({ sure })}
        />
      </RecordForm>
    </Paper>
  )
}
