'use client'

import { ROLE_WORDS, ROLES, type Role } from '@/core/vocabulary/choosing'
import { TURN_WORDS, TURNS, type Turn } from '@/core/vocabulary/laying'
import { QuietButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { TextField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { PutAway } from '@/ui/kit/PutAway'
import { SelectField } from '@/ui/kit/SelectField'
import { Callout, Stack } from '@/ui/kit/surfaces'
import { RecordForm } from '../../shared/form/RecordForm'
import { useForm } from '../../shared/form/useForm'
import { changePatternPiece, dropPatternPiece } from './actions'
import { type PatternPieceData } from './load'

const roleOptions = ROLES.map((role): [Role, string] => [role, ROLE_WORDS[role]])
const turnOptions = TURNS.map((turn): [Turn, string] => [turn, TURN_WORDS[turn]])

/** How a piece is cut, to be changed. */
export function PatternPieceFields({ piece, onDone }: { piece: PatternPieceData; onDone: () => void }) {
  const { id, revision, ...data } = piece
  const form = useForm({
    initial: data,
    revision,
    save: (value, seen) => changePatternPiece({ id, revision: seen ?? revision }, value),
    onKept: onDone,
  })
  const { value, set, error } = form
  const number = (given: number, key: 'count' | 'warpDeg' | 'toleranceDeg') =>
    Number.isNaN(given) ? undefined : set({ [key]: given })
  return (
    <Stack>
      <RecordForm
        form={form}
        keep="Save"
        compared={[['Name', ({ name }) => name]]}
        beside={<QuietButton onPress={onDone}>Cancel</QuietButton>}
      >
        <TextField label="Name" value={value.name} onChange={(name) => set({ name })} error={error('name')} />
        <SelectField label="Fabric" value={value.role} onChange={(role) => set({ role })} options={roleOptions} />
        <TextField
          label="Size"
          value={value.size}
          onChange={(size) => set({ size })}
          hint="Leave empty for all sizes."
        />
        <NumberField
          label="Number of pieces"
          value={value.count}
          onChange={(count) => number(count, 'count')}
          minValue={1}
          maxValue={200}
          error={error('count')}
        />
        <CheckField isSelected={value.pair} onChange={(pair) => set({ pair })}>
          Left and right
        </CheckField>
        <CheckField isSelected={value.onFold} onChange={(onFold) => set({ onFold })}>
          Straight edge on the fold
        </CheckField>
        {error('onFold') ? <Callout $tone="warn">{error('onFold')}</Callout> : null}
        <SelectField label="Direction" value={value.turn} onChange={(turn) => set({ turn })} options={turnOptions} />
        <NumberField
          label="Grain line"
          unit="°"
          value={value.warpDeg}
          onChange={(warpDeg) => number(warpDeg, 'warpDeg')}
          hint="90: up and down in the drawing."
        />
        <NumberField
          label="Grain tolerance"
          unit="°"
          value={value.toleranceDeg}
          onChange={(toleranceDeg) => number(toleranceDeg, 'toleranceDeg')}
          minValue={0}
          maxValue={45}
        />
        <CheckField isSelected={value.crosswise} onChange={(crosswise) => set({ crosswise })}>
          May lie crosswise
        </CheckField>
        <CheckField isSelected={value.bias} onChange={(bias) => set({ bias })}>
          On the bias
        </CheckField>
      </RecordForm>
      <PutAway
        offer="Delete piece"
        question={`Delete ${piece.name}?`}
        decide="Delete"
        onDecided={() => dropPatternPiece(id)}
      />
    </Stack>
  )
}
