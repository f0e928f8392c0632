'use client'

import styled from 'styled-components'
import { type HistoryEffect } from '@/core/identify/history/effect'
import { TILTS } from '@/core/identify/history/told'
import { yearsCrossed } from '@/core/identify/history/years'
import { type FabricHistory, type Tilt } from '@/core/identify/history/types'
import { families } from '@/core/fibres/families'
import { type TestSetup } from '@/core/notebook/kinds/burnTest'
import { formatPercent } from '@/core/units/format'
import { ChoiceField } from '@/ui/kit/fields'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Soft, Stack } from '@/ui/kit/surfaces'
import { Say } from '@/ui/text/Say'

const Fields = styled.div`
  display: grid;
  gap: 0.9rem 1.25rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 14rem), 1fr));
`

const Effect = styled.table`
  border-collapse: collapse;
  width: 100%;
  max-width: 34rem;
  th {
    text-align: left;
    font-weight: 400;
  }
  th,
  td {
    padding: 0.15rem 0.75rem 0.15rem 0;
  }
  td {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  thead th {
    color: var(--ink-soft);
    font-size: 0.92rem;
  }
  thead th + th {
    text-align: right;
  }
  tr[data-moved='true'] {
    font-weight: 700;
  }
`

/** A family whose belief moves by this much is set in bold. */
const MOVED = 0.05

const QUESTIONS = [
  ['kind', 'What is it from?'],
  ['price', 'What did it cost when new?'],
  ['country', 'Which country does the label name?'],
] as const

function choices(tilts: readonly Tilt[]): (readonly [string, string])[] {
  return [['', 'Not known'], ...tilts.map(({ id, label }) => [id, label] as const)]
}

/** What is known of a cloth's past, and whether it counts. */
export function HistoryFields({ setup, onChange }: { setup: TestSetup; onChange: (setup: TestSetup) => void }) {
  const { history } = setup
  const set = (changed: Partial<FabricHistory>) =>
    onChange({ ...setup, history: withoutHoles({ ...history, ...changed }) })
  const year = (end: 'after' | 'before') => (value: number) =>
    set({ made: withoutHoles({ ...history.made, [end]: Number.isFinite(value) ? value : undefined }) })
  const { after, before } = history.made ?? {}
  const crossed = yearsCrossed({ after, before })
  return (
    <>
      <Fields>
        {QUESTIONS.map(([question, label]) => (
          <SelectField
            key={question}
            label={label}
            value={history[question] ?? ''}
            onChange={(value) => set({ [question]: value || undefined })}
            options={choices(TILTS[question])}
          />
        ))}
        <NumberField
          label="Made after"
          value={after ?? NaN}
          onChange={year('after')}
          minValue={1700}
          maxValue={2100}
          error={crossed ? 'after the earlier year, before the later one' : undefined}
        />
        <NumberField
          label="Made before"
          value={before ?? NaN}
          onChange={year('before')}
          minValue={1700}
          maxValue={2100}
          hint="Fibres invented later are ruled out."
        />
      </Fields>
      <ChoiceField
        label="Should this count?"
        value={setup.countHistory ? 'yes' : 'no'}
        onChange={(value) => onChange({ ...setup, countHistory: value === 'yes' })}
        options={[
          ['yes', 'Yes, as a hint'],
          ['no', 'No, only what I see'],
        ]}
      />
    </>
  )
}

/** A record without the keys that hold nothing. */
function withoutHoles<T extends object>(record: T): T {
  return Object.fromEntries(
    Object.entries(record).filter(
      ([, value]) => value !== undefined && !(typeof value === 'object' && Object.keys(value as object).length === 0),
    ),
  ) as T
}

/** What the past does to the belief: without it, and with it. */
export function HistoryEffectTable({ effect }: { effect: HistoryEffect }) {
  return (
    <Stack $gap="0.5rem">
      <p role="status">{effect.text}</p>
      <Effect>
        <caption className="visually-hidden">How likely each family is, without and with its history</caption>
        <thead>
          <tr>
            <th scope="col">
              <Say>Fibre family</Say>
            </th>
            <th scope="col">from your answers</th>
            <th scope="col">with its history</th>
          </tr>
        </thead>
        <tbody>
          {effect.families.map(({ id, without, with: counted }) => (
            <tr key={id} data-moved={Math.abs(counted - without) >= MOVED}>
              <th scope="row">{families[id].name}</th>
              <td>{formatPercent(without)}</td>
              <td>{formatPercent(counted)}</td>
            </tr>
          ))}
        </tbody>
      </Effect>
      <Soft>
        <Say>
          This is only a hint: it changes the odds by eight times at most, and your answers can overrule it. Years are
          different: a fibre that was not sold yet can’t be in the fabric.
        </Say>
      </Soft>
    </Stack>
  )
}
