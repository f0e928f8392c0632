'use client'

import { useState } from 'react'
import { measuredOf } from '@/core/notebook/measured'
import { ofKind } from '@/core/notebook/measurements'
import { recoveryWords, stretchClassOf, stretchPercent, waysWords } from '@/core/measure/stretch'
import { withDoubt } from '@/core/units/format'
import { StrongButton } from '@/ui/controls/buttons'
import { ChoiceField, NumberField } from '@/ui/controls/fields'
import { Actions, Columns, Paper, Slip, Soft } from '@/ui/controls/surfaces'
import { fieldUnits, fromField, toField } from '../../settings/measures'
import { usePreferences } from '../../settings/PreferencesContext'
import { Ruler } from '../Ruler'
import { Fields, Mean, ReadingList, Stack, type BenchProps } from './common'

const START = { restMm: 100, pulledMm: null as number | null, backMm: null as number | null }
/** Reading by a ruler in the hand, and by one on the screen, mm. */
const HAND_ERROR = 1
const SCREEN_ERROR = 0.5

export function Stretch({ readings }: BenchProps) {
  const { units } = usePreferences()
  const { fine } = fieldUnits(units)
  const [direction, setDirection] = useState<'width' | 'length'>('width')
  const [draft, setDraft] = useState(START)
  const [onScreen, setOnScreen] = useState('hand')
  const set = (change: Partial<typeof START>) => setDraft((before) => ({ ...before, ...change }))
  const ready = draft.pulledMm !== null && draft.restMm > 0
  const measured = measuredOf(readings.now)
  const keep = () => {
    if (draft.pulledMm === null) return
    readings.add({
      kind: 'stretch',
      direction,
      restMm: draft.restMm,
      pulledMm: draft.pulledMm,
      backMm: draft.backMm,
      errorMm: onScreen === 'screen' ? SCREEN_ERROR : HAND_ERROR,
    })
    set({ pulledMm: null, backMm: null })
  }
  const field = (key: keyof typeof START, label: string) => (
    <NumberField
      label={label}
      unit={fine.symbol}
      minValue={0}
      value={toField(draft[key], fine)}
      onChange={(value) => set({ [key]: fromField(value, fine) ?? (key === 'restMm' ? 0 : null) })}
    />
  )
  return (
    <Columns $first="1.35fr">
      <Paper aria-labelledby="pull">
        <h2 id="pull">Pull it</h2>
        <ChoiceField
          label="Which way"
          value={direction}
          onChange={(value) => setDirection(value as 'width' | 'length')}
          options={[
            ['width', 'across, edge to edge'],
            ['length', 'lengthwise, with the selvedge'],
          ]}
        />
        <ChoiceField
          label="Read by"
          value={onScreen}
          onChange={setOnScreen}
          options={[
            ['hand', 'a ruler of your own'],
            ['screen', 'the ruler on this screen'],
          ]}
        />
        {onScreen === 'screen' ? (
          <Ruler
            marks={[
              { id: 'restMm', label: 'At rest', mm: draft.restMm, colour: '#274b6d' },
              { id: 'pulledMm', label: 'Pulled', mm: draft.pulledMm ?? draft.restMm, colour: '#9c3524' },
              { id: 'backMm', label: 'Let go', mm: draft.backMm ?? draft.restMm, colour: '#3f6144' },
            ]}
            onMark={(id, mm) => set({ [id]: mm })}
          />
        ) : null}
        <Fields>
          {field('restMm', 'Between the marks, at rest')}
          {field('pulledMm', 'Pulled firmly')}
          {field('backMm', 'After letting go')}
        </Fields>
        <Actions>
          <StrongButton isDisabled={!ready || readings.saving} onPress={keep}>
            Keep this pull
          </StrongButton>
        </Actions>
        <Soft>Pull along a thread or a rib, not aslant: on the bias everything gives.</Soft>
      </Paper>
      <Stack>
        <Paper aria-labelledby="gives">
          <h2 id="gives">What it gives</h2>
          {(['width', 'length'] as const).map((way) => {
            const stretch = measured.stretch[way]
            if (!stretch) return null
            const recovery = measured.recovery[way]
            const { name, allows } = stretchClassOf(stretch.mean)
            return (
              <div key={way} style={{ display: 'grid', gap: '0.3rem' }}>
                <Mean title={way === 'width' ? 'Across' : 'Lengthwise'} repeats={stretch} unit="%" />
                <p>
                  <b>{name}.</b> {allows}
                </p>
                {recovery ? (
                  <p>
                    {recoveryWords(recovery.mean)}{' '}
                    <Soft as="span">({withDoubt(recovery.quantity)} % of the stretch went back)</Soft>
                  </p>
                ) : null}
              </div>
            )
          })}
          {waysWords(measured.stretch.length?.mean, measured.stretch.width?.mean) ? (
            <Slip>{waysWords(measured.stretch.length?.mean, measured.stretch.width?.mean)}</Slip>
          ) : null}
          <ReadingList
            items={ofKind(readings.now, 'stretch').map(({ id, data }) => ({
              id,
              text: `${data.direction === 'width' ? 'Across' : 'Lengthwise'}: ${withDoubt(stretchPercent(data))} %`,
            }))}
            onDrop={readings.drop}
          />
        </Paper>
      </Stack>
    </Columns>
  )
}
