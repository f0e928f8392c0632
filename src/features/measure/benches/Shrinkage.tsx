'use client'

import { useState } from 'react'
import { extraToBuy, washWords } from '@/core/measure/shrinkage'
import { shrinkageOf } from '@/core/notebook/measured'
import { ofKind } from '@/core/notebook/measurements'
import { formatWidth, withDoubt } from '@/core/units/format'
import { StrongButton } from '@/ui/controls/buttons'
import { NumberField } from '@/ui/controls/fields'
import { SelectField } from '@/ui/controls/SelectField'
import { Actions, Columns, Lead, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { fieldUnits, fromField, toField } from '../../settings/measures'
import { usePreferences } from '../../settings/PreferencesContext'
import { ShrinkageChart } from '../ShrinkageChart'
import { Fields, ReadingList, Stack, type BenchProps } from './common'

const SQUARE_MM = 250
const MOST_WASHES = 5

export function Shrinkage({ readings }: BenchProps) {
  const { units } = usePreferences()
  const { fine, long } = fieldUnits(units)
  const kept = ofKind(readings.all, 'wash-square').sort((a, b) => a.data.washes - b.data.washes || a.id - b.id)
  const nextWash = kept.length === 0 ? 0 : Math.max(...kept.map(({ data }) => data.washes)) + 1
  const [chosen, setChosen] = useState<number | null>(null)
  const washes = chosen ?? nextWash
  const [draft, setDraft] = useState<{ length: number | null; width: number | null }>({ length: null, width: null })
  const [needed, setNeeded] = useState<number | null>(2000)
  const curves = shrinkageOf(readings.all)
  const keep = () => {
    if (!draft.length || !draft.width) return
    readings.add({ kind: 'wash-square', washes, lengthMm: draft.length, widthMm: draft.width, errorMm: 0.7 })
    setDraft({ length: null, width: null })
    setChosen(null)
  }
  return (
    <Columns $first="1.35fr">
      <Stack>
        <Paper aria-labelledby="square">
          <h2 id="square">The marked square, {washWords(washes)}</h2>
          {washes === 0 ? (
            <Soft>
              Mark {formatWidth(SQUARE_MM, units)} each way, well inside the edges, and measure what you marked: it is
              seldom exact.
            </Soft>
          ) : (
            <Soft>Press it flat without pulling, let it rest, and measure between the same marks.</Soft>
          )}
          <SelectField
            label="The square is now"
            value={String(washes)}
            onChange={(value) => setChosen(Number(value))}
            options={Array.from(
              { length: MOST_WASHES + 1 },
              (_, count) => [String(count), washWords(count)] as const,
            )}
          />
          <Fields>
            <NumberField
              label="Lengthwise"
              unit={fine.symbol}
              minValue={0}
              value={toField(draft.length, fine)}
              onChange={(value) => setDraft({ ...draft, length: fromField(value, fine) })}
            />
            <NumberField
              label="Across"
              unit={fine.symbol}
              minValue={0}
              value={toField(draft.width, fine)}
              onChange={(value) => setDraft({ ...draft, width: fromField(value, fine) })}
            />
          </Fields>
          <Actions>
            <StrongButton isDisabled={!draft.length || !draft.width || readings.saving} onPress={keep}>
              Keep it as {washWords(washes)}
            </StrongButton>
          </Actions>
          <ReadingList
            items={kept.map(({ id, data }) => ({
              id,
              text:
                `${washWords(data.washes)}: ${formatWidth(data.lengthMm, units)} by ` +
                `${formatWidth(data.widthMm, units)}`,
            }))}
            onDrop={readings.drop}
          />
        </Paper>
      </Stack>
      <Paper aria-labelledby="loses">
        <h2 id="loses">What it loses</h2>
        {curves ? (
          <>
            <Lead>
              In the end {withDoubt(curves.length.limit)} % lengthwise and {withDoubt(curves.width.limit)} % across.
            </Lead>
            <ShrinkageChart curves={curves} />
            {curves.length.goesOn || curves.width.goesOn ? (
              <Slip>It goes on shrinking: wash it once more before cutting.</Slip>
            ) : (
              <Slip $tone="good">It has come to rest, as far as marks can tell.</Slip>
            )}
            <NumberField
              label="Length that the garment needs"
              unit={long.symbol}
              minValue={0}
              value={toField(needed, long)}
              onChange={(value) => setNeeded(fromField(value, long))}
            />
            {needed ? (
              <p role="status">
                Buy <b>{formatWidth(Math.ceil(extraToBuy(needed, curves.length.limit) / 10) * 10, units)} more</b>{' '}
                than that if it is not washed yet, and reckon with{' '}
                {withDoubt({ value: 100 + curves.width.limit.value, sd: curves.width.limit.sd })} % of its width.
              </p>
            ) : null}
            <Soft>
              Reckoned to the far end of the doubt. Where nothing is measured, a quarter of a yard (23 cm) a garment
              is the habit.
            </Soft>
          </>
        ) : (
          <Soft>Measure the square before the first wash and after it, and the curve begins.</Soft>
        )}
      </Paper>
    </Columns>
  )
}
