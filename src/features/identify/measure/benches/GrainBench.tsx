'use client'

import { useState } from 'react'
import { judgeGrain, type GrainJudgement } from '@/core/measure/grain'
import { ofKind } from '@/core/notebook/measurements/kept'
import { StrongButton } from '@/ui/kit/buttons'
import { Chip, Chips } from '@/ui/kit/Chips'
import { ChoiceField } from '@/ui/kit/fields'
import { Actions, Fields, Lead, Paper, PlainList, Callout, Soft } from '@/ui/kit/surfaces'
import { GrainDrawing } from '@/ui/measuring/grain'
import { LengthField } from '../../../shared/settings/LengthField'
import { BenchColumns, type BenchProps } from './common'

const CAN_TRUE = {
  yes: 'You can straighten it.',
  partly: 'You can straighten it in part.',
  no: 'You can’t straighten it.',
} as const
const PULL = {
  'far-left-and-near-right': 'the far left and the near right corner',
  'near-left-and-far-right': 'the near left and the far right corner',
} as const
const SIDES = [
  ['beyond', 'beyond the square, away from you'],
  ['short', 'short of it, towards you'],
] as const
/** Of a thread against a square, mm. */
const ERROR_MM = 2

interface Draft {
  widthMm: number | null
  offMm: number | null
  bowMm: number | null
  side: (typeof SIDES)[number][0]
  printedOffGrain: boolean
  finished: boolean
}

export function GrainBench({ piece, readings, yarn }: BenchProps) {
  const [draft, setDraft] = useState<Draft>({
    widthMm: piece?.widthMm ?? null,
    offMm: null,
    bowMm: null,
    side: 'beyond',
    printedOffGrain: false,
    finished: false,
  })
  const kept = ofKind(readings.now, 'grain')
  const reading = readingOf(draft)
  const shown = reading ?? kept.at(-1)?.data
  const judged =
    shown &&
    judgeGrain(shown, { ...shown, heatSet: piece?.heatSet ?? false, construction: piece?.construction ?? null })
  return (
    <BenchColumns
      first="1.2fr"
      kept={kept}
      readings={readings}
      comesTo={
        judged ? (
          <Judged judged={judged} yarn={yarn} />
        ) : (
          <Soft>Enter the width and how far the right end is off.</Soft>
        )
      }
    >
      <Against draft={draft} onDraft={setDraft}>
        <StrongButton
          isDisabled={!reading || readings.saving}
          onPress={() => reading && readings.add(reading, () => setDraft({ ...draft, offMm: null, bowMm: null }))}
        >
          Save reading
        </StrongButton>
      </Against>
    </BenchColumns>
  )
}

function readingOf({ widthMm, offMm, bowMm, side, printedOffGrain, finished }: Draft) {
  if (!widthMm || offMm === null) return null
  const offsetMm = side === 'beyond' ? offMm : -offMm
  return {
    kind: 'grain' as const,
    widthMm,
    offsetMm,
    bowMm: bowMm ?? 0,
    errorMm: ERROR_MM,
    printedOffGrain,
    finished,
  }
}

function Against({
  draft,
  onDraft,
  children,
}: {
  draft: Draft
  onDraft: (draft: Draft) => void
  children: React.ReactNode
}) {
  const set = (change: Partial<Draft>) => onDraft({ ...draft, ...change })
  const field = (key: 'widthMm' | 'offMm' | 'bowMm', label: string, of: 'fine' | 'short') => (
    <LengthField label={label} of={of} mm={draft[key]} onMm={(mm) => set({ [key]: mm })} />
  )
  return (
    <Paper aria-labelledby="square">
      <h2 id="square">Off-grain check with a square</h2>
      <Fields>
        {field('widthMm', 'Width of the fabric', 'short')}
        {field('offMm', 'Right end is off by', 'fine')}
        {field('bowMm', 'Middle lags by (bow)', 'fine')}
      </Fields>
      <ChoiceField
        label="Right end"
        value={draft.side}
        onChange={(side) => set({ side: side as Draft['side'] })}
        options={SIDES}
      />
      <Chips>
        <Chip isSelected={draft.printedOffGrain} onChange={(printedOffGrain) => set({ printedOffGrain })}>
          Its print does not follow the threads
        </Chip>
        <Chip isSelected={draft.finished} onChange={(finished) => set({ finished })}>
          It is coated, or easy-care
        </Chip>
      </Chips>
      <Actions>{children}</Actions>
    </Paper>
  )
}

function Judged({ judged, yarn }: { judged: GrainJudgement; yarn: BenchProps['yarn'] }) {
  const { skewPercent, bowPercent, offDegrees, pull, canTrue, isOff, text } = judged
  const shown = canTrue === 'no' ? null : pull
  return (
    <>
      <GrainDrawing
        skewPercent={skewPercent}
        bowPercent={bowPercent}
        pull={shown}
        yarn={yarn}
        label={
          `The fabric from above, its threads ${skewPercent.toFixed(1)} % off square, drawn four times ` +
          'as far off as they are'
        }
      />
      <Lead role="status">
        {Math.abs(skewPercent).toFixed(1)} % off square, {Math.abs(offDegrees).toFixed(1)}°.{' '}
        {isOff ? CAN_TRUE[canTrue] : ''}
      </Lead>
      {shown ? (
        <Callout>
          <b>Pull {PULL[shown]} apart.</b>
        </Callout>
      ) : null}
      <PlainList>
        {text.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </PlainList>
      <Soft>Skew and bow as shares of the width, after ASTM D3882. Drawn larger than it is.</Soft>
    </>
  )
}
