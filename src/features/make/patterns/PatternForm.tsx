'use client'

import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { Fields, Paper, Callout } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { RecordForm } from '../../shared/form/RecordForm'
import { type Form } from '../../shared/form/useForm'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { needOf, type PatternDraft } from './draft'
import { EnvelopeField } from './EnvelopeField'
import { LengthsField } from './LengthsField'
import { MoreFields, NeedFields, WeightFields } from './NeedFields'
import { needWords } from './needWords'
import { PartnerFields } from './PartnerFields'

/** What a pattern asks: read off its envelope, corrected by hand. */
export function PatternForm({ form }: { form: Form<PatternDraft> }) {
  const { value, set, error } = form
  const { units, words } = usePreferences()
  return (
    <RecordForm form={form} keep="Keep the pattern" compared={[['Name', (draft) => draft.name]]}>
      <EnvelopeField form={form} />
      <Paper aria-label="The pattern">
        <TextField
          label="Name"
          hint="As you know it."
          value={value.name}
          onChange={(name) => set({ name })}
          error={error('name')}
          isRequired
        />
        <NeedFields need={value.need} onChange={(need) => set({ need })} />
        <WeightFields from={value.from} to={value.to} onChange={set} error={error('need.gsm')} />
        <WhenOpened summary="More that it asks of the cloth">
          {() => <MoreFields need={value.need} onChange={(need) => set({ need })} />}
        </WhenOpened>
        <Callout role="status">
          <b>It will ask for:</b> {needWords(needOf(value), units, words)}.
        </Callout>
      </Paper>
      <Paper aria-labelledby="lengths">
        <h2 id="lengths">How much of the main cloth</h2>
        <LengthsField label="Lengths" value={value.lengthsText} onChange={(lengthsText) => set({ lengthsText })} />
        <Fields>
          <NumberField
            label="Pieces to cut"
            hint="For one of them; left open where nobody counted."
            minValue={1}
            value={value.pieces ?? NaN}
            onChange={(pieces) => set({ pieces: Number.isFinite(pieces) ? Math.round(pieces) : null })}
          />
          <TextField
            label="Views"
            hint="By commas: A, B, C."
            value={value.views}
            onChange={(views) => set({ views })}
          />
        </Fields>
      </Paper>
      <PartnerFields partners={value.partners} onChange={(partners) => set({ partners })} />
      <Paper aria-label="Beside cloth">
        <TextField
          label="Notions, one a line"
          rows={4}
          value={value.notionsText}
          onChange={(notionsText) => set({ notionsText })}
        />
        <TextField label="Notes" rows={3} value={value.notes} onChange={(notes) => set({ notes })} />
      </Paper>
    </RecordForm>
  )
}
