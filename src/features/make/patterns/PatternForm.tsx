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
    <RecordForm form={form} keep="Save pattern" compared={[['Name', (draft) => draft.name]]}>
      <EnvelopeField form={form} />
      <Paper aria-label="Pattern">
        <TextField
          label="Name"
          hint="Any name you like."
          value={value.name}
          onChange={(name) => set({ name })}
          error={error('name')}
          isRequired
        />
        <NeedFields need={value.need} onChange={(need) => set({ need })} />
        <WeightFields from={value.from} to={value.to} onChange={set} error={error('need.gsm')} />
        <WhenOpened summary="More requirements for the fabric">
          {() => <MoreFields need={value.need} onChange={(need) => set({ need })} />}
        </WhenOpened>
        <Callout role="status">
          <b>Needs:</b> {needWords(needOf(value), units, words)}.
        </Callout>
      </Paper>
      <Paper aria-labelledby="lengths">
        <h2 id="lengths">Main fabric</h2>
        <LengthsField label="Lengths" value={value.lengthsText} onChange={(lengthsText) => set({ lengthsText })} />
        <Fields>
          <NumberField
            label="Pieces to cut"
            hint="For one garment; leave empty if you don’t know."
            minValue={1}
            value={value.pieces ?? NaN}
            onChange={(pieces) => set({ pieces: Number.isFinite(pieces) ? Math.round(pieces) : null })}
          />
          <TextField
            label="Views"
            hint="Separated by commas: A, B, C."
            value={value.views}
            onChange={(views) => set({ views })}
          />
        </Fields>
      </Paper>
      <PartnerFields partners={value.partners} onChange={(partners) => set({ partners })} />
      <Paper aria-label="Notions">
        <TextField
          label="Notions, one per line"
          rows={4}
          value={value.notionsText}
          onChange={(notionsText) => set({ notionsText })}
        />
        <TextField label="Notes" rows={3} value={value.notes} onChange={(notes) => set({ notes })} />
      </Paper>
    </RecordForm>
  )
}
