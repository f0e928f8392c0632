'use client'

import { type ReactNode } from 'react'
import styled from 'styled-components'
import { type Repeats } from '@/core/measure/repeats'
import { readingFormOf, type KeptMeasurement } from '@/core/notebook/measurements'
import { withDoubt } from '@/core/units/format'
import { type DrawnYarn } from '@/ui/burn'
import { QuietButton } from '@/ui/kit/buttons'
import { Columns, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { type OnTheBench } from '../load'
import { CountedFrom } from '../../../shared/readings/CountedFrom'
import { type Readings } from '../../../shared/readings/useReadings'

/** What every bench is given. */
export interface BenchProps {
  piece: OnTheBench | null
  readings: Readings
  yarn: DrawnYarn
}

const BigValue = styled.p`
  font-family: 'Young Serif', Georgia, serif;
  font-size: 1.7rem;
  line-height: 1.2;
`
const Item = styled.li`
  display: flex;
  justify-content: space-between;
  gap: 0.75rem;
  align-items: center;
  flex-wrap: wrap;
`

/** The readings of one kind, taken on the left, and on the right what they come to, with each of them in a line. */
export function BenchColumns({
  first = '1.35fr',
  children,
  comesTo,
  kept,
  readings,
}: {
  first?: string
  children: ReactNode
  comesTo: ReactNode
  kept: readonly KeptMeasurement[]
  readings: Readings
}) {
  return (
    <Columns $first={first}>
      <Stack>{children}</Stack>
      <Stack>
        <Paper aria-labelledby="comes-to">
          <h2 id="comes-to">Result</h2>
          {comesTo}
          <ReadingList kept={kept} onDrop={readings.drop} />
        </Paper>
      </Stack>
    </Columns>
  )
}

/** Mean and spread of repeats, large, and what they mean. */
export function Mean({
  title,
  repeats,
  unit,
  children,
}: {
  title: string
  repeats: Repeats | null | undefined
  unit: string
  children?: ReactNode
}) {
  if (!repeats) return null
  const suffix = unit ? ` ${unit}` : ''
  return (
    <div role="status">
      <p>{title}</p>
      <BigValue>
        {withDoubt(repeats.quantity)}
        {suffix}
      </BigValue>
      <Soft>
        {repeats.spread === null
          ? 'This is one reading: take two more to see how much they vary.'
          : `Mean of ${repeats.count}, spread ${Number(repeats.spread.toFixed(1))}${suffix}; ± covers 95 %.`}
      </Soft>
      {children}
    </div>
  )
}

/** Readings so far, each in its own words, with a way to strike it out. */
export function ReadingList({ kept, onDrop }: { kept: readonly KeptMeasurement[]; onDrop: (id: string) => void }) {
  const { units } = usePreferences()
  if (kept.length === 0) return <Soft>No readings yet.</Soft>
  return (
    <PlainList>
      {kept.map(({ id, data }) => (
        <Item key={id}>
          <span>
            {readingFormOf(data).form.says(data, units)}{' '}
            {data.kind === 'count' ? <CountedFrom name={data.picture} /> : null}
          </span>
          <QuietButton onPress={() => onDrop(id)}>Delete</QuietButton>
        </Item>
      ))}
    </PlainList>
  )
}
