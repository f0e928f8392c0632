'use client'

import { useState } from 'react'
import { recoveryWords, stretchClassOf, waysWords } from '@/core/measure/stretch'
import { measuredOf, type Measured } from '@/core/notebook/measurements'
import { ofKind } from '@/core/notebook/measurements/kept'
import { withDoubt } from '@/core/units/format'
import { type Direction } from '@/core/vocabulary/cloth'
import { StrongButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { Actions, Fields, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { LengthField } from '../../../shared/settings/LengthField'
import { Ruler } from '../Ruler'
import { BenchColumns, Mean, type BenchProps } from './common'

const START = { restMm: 100, pulledMm: null as number | null, backMm: null as number | null }
/** Reading by a ruler in the hand, and by one on the screen, mm. */
const RULERS = { hand: 1, screen: 0.5 }

export function StretchBench({ readings }: BenchProps) {
  const { stretch } = measuredOf(readings.now)
  return (
    <BenchColumns kept={ofKind(readings.now, 'stretch')} readings={readings} comesTo={<Gives {...stretch} />}>
      <Pull readings={readings} />
    </BenchColumns>
  )
}

function Pull({ readings }: Pick<BenchProps, 'readings'>) {
  const [direction, setDirection] = useState<Direction>('width')
  const [draft, setDraft] = useState(START)
  const [ruler, setRuler] = useState<keyof typeof RULERS>('hand')
  const set = (change: Partial<typeof START>) => setDraft((before) => ({ ...before, ...change }))
  const { restMm, pulledMm, backMm } = draft
  const keep = () => {
    if (pulledMm === null) return
    const reading = { kind: 'stretch' as const, direction, restMm, pulledMm, backMm, errorMm: RULERS[ruler] }
    readings.add(reading, () => set({ pulledMm: null, backMm: null }))
  }
  const field = (key: keyof typeof START, label: string) => (
    <LengthField
      label={label}
      of="fine"
      mm={draft[key]}
      onMm={(mm) => set({ [key]: mm ?? (key === 'restMm' ? 0 : null) })}
    />
  )
  return (
    <Paper aria-labelledby="pull">
      <h2 id="pull">Stretch test</h2>
      <ChoiceField
        label="Direction"
        value={direction}
        onChange={(way) => setDirection(way as Direction)}
        options={WAYS}
      />
      <ChoiceField
        label="Ruler"
        value={ruler}
        onChange={(value) => setRuler(value as keyof typeof RULERS)}
        options={READ_BY}
      />
      {ruler === 'screen' ? (
        <Ruler
          marks={[
            { id: 'restMm', label: 'Relaxed', mm: restMm, colour: '#274b6d' },
            { id: 'pulledMm', label: 'Stretched', mm: pulledMm ?? restMm, colour: '#9c3524' },
            { id: 'backMm', label: 'Released', mm: backMm ?? restMm, colour: '#3f6144' },
          ]}
          onMark={(id, mm) => set({ [id]: mm })}
        />
      ) : null}
      <Fields>
        {field('restMm', 'Between the marks, relaxed')}
        {field('pulledMm', 'Stretched firmly')}
        {field('backMm', 'After release')}
      </Fields>
      <Actions>
        <StrongButton isDisabled={pulledMm === null || !(restMm > 0) || readings.saving} onPress={keep}>
          Save reading
        </StrongButton>
      </Actions>
      <Soft>Pull along a thread or a rib: on the bias every fabric gives.</Soft>
    </Paper>
  )
}

const WAYS = [
  ['width', 'across the width, edge to edge'],
  ['length', 'lengthwise, with the selvedge'],
] as const
const READ_BY = [
  ['hand', 'your own ruler'],
  ['screen', 'the ruler on this screen'],
] as const

function Gives({ stretch, recovery }: Measured['stretch']) {
  const ways = waysWords(stretch.length?.mean, stretch.width?.mean)
  return (
    <>
      {(['width', 'length'] as const).map((way) => {
        const [pulled, back] = [stretch[way], recovery[way]]
        if (!pulled) return null
        const { name, allows } = stretchClassOf(pulled.mean)
        return (
          <div key={way}>
            <Mean title={way === 'width' ? 'Across the width' : 'Lengthwise'} repeats={pulled} unit="%" />
            <p>
              <b>{name}.</b> {allows}
            </p>
            {back ? (
              <p>
                {recoveryWords(back.mean)} <Soft as="span">({withDoubt(back.quantity)} % recovery)</Soft>
              </p>
            ) : null}
          </div>
        )
      })}
      {ways ? <Callout>{ways}</Callout> : null}
    </>
  )
}
