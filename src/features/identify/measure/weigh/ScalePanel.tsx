'use client'

import { useMemo, useState, useSyncExternalStore } from 'react'
import styled from 'styled-components'
import { KITCHEN_SCALE, LETTER_SCALE, SimulatedScale } from '@/devices/standins/scale'
import { type ScalePort } from '@/devices/scale/port'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { SelectField } from '@/ui/kit/SelectField'
import { Actions, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { BAUD_RATES, hasSerial, SerialScale } from '../../../../devices/scale/serialScale'
import { useScale } from './useScale'
import { mustHave } from '@/core/lists/items'

const Display = styled.output`
  display: block;
  padding: 0.4rem 1rem;
  background: #1d2a22;
  color: #d9f0d3;
  border-radius: 4px;
  font-size: 2rem;
  text-align: right;
  font-variant-numeric: tabular-nums;
  small {
    font-size: 0.95rem;
    margin-left: 0.75rem;
  }
`
/** Creep of the zero that is worth a word, in steps a minute. */
const NOTABLE_DRIFT = 1

const never = () => () => {}

function portFor(which: string): ScalePort | null {
  if (which === '') return null
  if (which.startsWith('serial-')) return new SerialScale(Number(which.slice('serial-'.length)))
  return new SimulatedScale(
    which,
    which === 'kitchen' ? KITCHEN_SCALE : LETTER_SCALE,
    () => performance.now(),
    Math.random,
  )
}

/** A scale that sends its weight by itself: a real one on a cable, or a made-up one to try it with. */
export function ScalePanel({ onTake }: { onTake: (grams: number, resolutionGrams: number) => void }) {
  const [which, setWhich] = useState<'' | 'kitchen' | 'letter' | `serial-${(typeof BAUD_RATES)[number]}`>('')
  const [pretended, setPretended] = useState(215)
  const serial = useSyncExternalStore(never, hasSerial, () => false)
  const port = useMemo(() => portFor(which), [which])
  const { shown, settled, trouble, tare } = useScale(port)
  const decimals = shown ? Math.max(0, Math.ceil(-Math.log10(shown.resolutionGrams))) : 0
  return (
    <Stack $gap="0.8rem">
      <SelectField
        label="Scale"
        value={which}
        onChange={setWhich}
        options={[
          ['', 'I read it and type'],
          ['kitchen', 'Simulated kitchen scale, steps of 1 g'],
          ['letter', 'Simulated letter scale, steps of 0.1 g'],
          ...(serial ? BAUD_RATES.map((rate) => [`serial-${rate}`, `On a cable, ${rate} baud`] as const) : []),
        ]}
      />
      {port ? (
        <>
          <Display aria-label="The scale shows">
            {shown ? `${shown.grams.toFixed(decimals)} g` : '– – –'}
            <small>{settled.grams === null ? 'settling' : 'steady'}</small>
          </Display>
          {trouble ? (
            <Callout $tone="warn" role="alert">
              {trouble}
            </Callout>
          ) : null}
          {settled.grams !== null && Math.abs(settled.driftPerMinute) > NOTABLE_DRIFT * settled.resolutionGrams ? (
            <Callout $tone="warn">
              Its zero drifts by {settled.driftPerMinute.toFixed(1)} g a minute: take the fabric off, set it to zero,
              and weigh again.
            </Callout>
          ) : null}
          {port instanceof SimulatedScale ? (
            <>
              <NumberField
                label="Simulated weight"
                unit="g"
                minValue={0}
                value={pretended}
                onChange={(value) => setPretended(Number.isFinite(value) ? value : 0)}
              />
              <Actions>
                <Button onPress={() => port.lay(pretended)}>Put fabric on</Button>
                <Button onPress={() => port.lay(0)}>Take fabric off</Button>
              </Actions>
            </>
          ) : null}
          <Actions>
            <StrongButton
              isDisabled={settled.grams === null || settled.grams <= 0}
              onPress={() => onTake(mustHave(settled.grams), settled.resolutionGrams)}
            >
              Use this weight
            </StrongButton>
            <Button onPress={() => void tare()}>Set to zero</Button>
          </Actions>
        </>
      ) : (
        <Soft>
          {serial
            ? 'A scale with a cable can send its weight by itself.'
            : 'This browser has no serial ports; a simulated scale shows how a scale with a cable works.'}
        </Soft>
      )}
    </Stack>
  )
}
