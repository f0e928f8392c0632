'use client'

import { useState } from 'react'
import { judgeGrain } from '@/core/measure/grain'
import { ofKind } from '@/core/notebook/measurements'
import { StrongButton } from '@/ui/controls/buttons'
import { Chip, Chips } from '@/ui/controls/Chips'
import { ChoiceField, NumberField } from '@/ui/controls/fields'
import { Actions, Columns, Lead, Paper, PlainList, Slip, Soft } from '@/ui/controls/surfaces'
import { GrainDrawing } from '@/ui/measuring/grain'
import { fieldUnits, fromField, toField } from '../../settings/measures'
import { usePreferences } from '../../settings/PreferencesContext'
import { Fields, ReadingList, type BenchProps } from './common'

const CAN_TRUE = { yes: 'It can be trued.', partly: 'It can be trued in part.', no: 'It cannot be trued.' } as const
const PULL = {
  'far-left-and-near-right': 'the far left and the near right corner',
  'near-left-and-far-right': 'the near left and the far right corner',
} as const

export function Grain({ piece, readings, yarn }: BenchProps) {
  const { units } = usePreferences()
  const { fine, short } = fieldUnits(units)
  const [widthMm, setWidth] = useState(piece?.widthMm ?? null)
  const [offset, setOffset] = useState<number | null>(null)
  const [side, setSide] = useState<'beyond' | 'short'>('beyond')
  const [bow, setBow] = useState<number | null>(null)
  const [printedOffGrain, setPrinted] = useState(false)
  const [finished, setFinished] = useState(false)
  const kept = ofKind(readings.now, 'grain')
  const draft =
    widthMm && offset !== null
      ? {
          widthMm,
          offsetMm: side === 'beyond' ? offset : -offset,
          bowMm: bow ?? 0,
          errorMm: 2,
          printedOffGrain,
          finished,
        }
      : null
  const shown = draft ?? kept.at(-1)?.data
  const judged =
    shown &&
    judgeGrain(shown, {
      heatSet: piece?.heatSet ?? false,
      finished: shown.finished,
      printedOffGrain: shown.printedOffGrain,
      construction: piece?.construction ?? null,
    })
  return (
    <Columns $first="1.2fr">
      <Paper aria-labelledby="square">
        <h2 id="square">Against the square</h2>
        <Fields>
          <NumberField
            label="Width of the cloth"
            unit={short.symbol}
            minValue={0}
            value={toField(widthMm, short)}
            onChange={(value) => setWidth(fromField(value, short))}
          />
          <NumberField
            label="Right end is off by"
            unit={fine.symbol}
            minValue={0}
            value={toField(offset, fine)}
            onChange={(value) => setOffset(fromField(value, fine))}
          />
          <NumberField
            label="Middle lags by (bow)"
            unit={fine.symbol}
            minValue={0}
            value={toField(bow, fine)}
            onChange={(value) => setBow(fromField(value, fine))}
          />
        </Fields>
        <ChoiceField
          label="The right end lies"
          value={side}
          onChange={(value) => setSide(value as typeof side)}
          options={[
            ['beyond', 'beyond the square, away from you'],
            ['short', 'short of it, towards you'],
          ]}
        />
        <Chips>
          <Chip isSelected={printedOffGrain} onChange={setPrinted}>
            Its print does not follow the threads
          </Chip>
          <Chip isSelected={finished} onChange={setFinished}>
            It is coated, or easy-care
          </Chip>
        </Chips>
        <Actions>
          <StrongButton
            isDisabled={!draft || readings.saving}
            onPress={() => {
              if (draft) readings.add({ kind: 'grain', ...draft })
              setOffset(null)
              setBow(null)
            }}
          >
            Keep this reading
          </StrongButton>
        </Actions>
        <ReadingList
          items={kept.map(({ id, data }) => ({
            id,
            text: grainWords(data),
          }))}
          onDrop={readings.drop}
        />
      </Paper>
      <Paper aria-labelledby="comes-to">
        <h2 id="comes-to">What it comes to</h2>
        {judged && shown ? (
          <>
            <GrainDrawing
              skewPercent={judged.skewPercent}
              bowPercent={judged.bowPercent}
              pull={judged.canTrue === 'no' ? null : judged.pull}
              yarn={yarn}
              label={
                `The cloth from above, its threads ${judged.skewPercent.toFixed(1)} % off square, drawn ` +
                'four times as far off as they are'
              }
            />
            <Lead role="status">
              {Math.abs(judged.skewPercent).toFixed(1)} % off square, {Math.abs(judged.offDegrees).toFixed(1)}°.{' '}
              {judged.isOff ? CAN_TRUE[judged.canTrue] : ''}
            </Lead>
            {judged.pull && judged.canTrue !== 'no' ? (
              <Slip>
                <b>Pull {PULL[judged.pull]} apart.</b>
              </Slip>
            ) : null}
            <PlainList>
              {judged.text.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </PlainList>
            <Soft>Skew and bow as shares of the width, after ASTM D3882. Drawn larger than it is.</Soft>
          </>
        ) : (
          <Soft>Give the width and how far the right end is off.</Soft>
        )}
      </Paper>
    </Columns>
  )
}

/** One reading in words: how far off square, and how far bowed, in per cent of the width. */
function grainWords({ offsetMm, bowMm, widthMm }: { offsetMm: number; bowMm: number; widthMm: number }): string {
  const percent = (mm: number) => `${Math.abs((100 * mm) / widthMm).toFixed(1)} %`
  const bowed = bowMm ? `, bowed by ${percent(bowMm)}` : ''
  return `${percent(offsetMm)} ${offsetMm >= 0 ? 'beyond' : 'short'}${bowed}`
}
