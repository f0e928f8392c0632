'use client'

import { useEffect, useState, type ReactNode } from 'react'
import styled from 'styled-components'
import { type Repeats } from '@/core/measure/repeats'
import { withDoubt } from '@/core/units/format'
import { type Yarn } from '@/ui/burn'
import { QuietButton } from '@/ui/controls/buttons'
import { PlainList, Soft } from '@/ui/controls/surfaces'
import { type OnTheBench } from '../load'
import { type Readings } from '../useReadings'

/** What every bench is given. */
export interface BenchProps {
  piece: OnTheBench | null
  readings: Readings
  yarn: Yarn
}

export const Fields = styled.div`
  display: grid;
  gap: 0.9rem;
  align-items: end;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 12rem), 1fr));
`
export const Stack = styled.div`
  display: grid;
  gap: 1rem;
  align-content: start;
  min-width: 0;
`
const BigValue = styled.p`
  font-family: 'Young Serif', Georgia, serif;
  font-size: 1.7rem;
  line-height: 1.2;
`

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
  return (
    <div role="status">
      <p>{title}</p>
      <BigValue>
        {withDoubt(repeats.quantity)}
        {unit ? ` ${unit}` : ''}
      </BigValue>
      <Soft>
        {repeats.spread === null
          ? 'One reading: take two more and its spread is known.'
          : `Mean of ${repeats.count}, spread ${Number(repeats.spread.toFixed(1))}${unit ? ` ${unit}` : ''}; ` +
            '± is for 95 %.'}
      </Soft>
      {children}
    </div>
  )
}

/** Readings so far, each with a way to strike it out. */
export function ReadingList({
  items,
  onDrop,
}: {
  items: readonly { id: number; text: ReactNode }[]
  onDrop: (id: number) => void
}) {
  if (items.length === 0) return <Soft>No reading yet.</Soft>
  return (
    <PlainList>
      {items.map(({ id, text }) => (
        <li
          key={id}
          style={{
            display: 'flex',
            justifyContent: 'space-between',
            gap: '0.75rem',
            alignItems: 'center',
            flexWrap: 'wrap',
          }}
        >
          <span>{text}</span>
          <QuietButton onPress={() => onDrop(id)}>Strike out</QuietButton>
        </li>
      ))}
    </PlainList>
  )
}

/** A watch: starts and stops with one button, hands over the seconds. */
export function useWatch(): { seconds: number; running: boolean; toggle: () => number | null } {
  const [startedAt, setStartedAt] = useState<number | null>(null)
  const [seconds, setSeconds] = useState(0)
  useEffect(() => {
    if (startedAt === null) return
    const timer = setInterval(() => setSeconds((performance.now() - startedAt) / 1000), 100)
    return () => clearInterval(timer)
  }, [startedAt])
  const toggle = () => {
    if (startedAt === null) {
      setSeconds(0)
      setStartedAt(performance.now())
      return null
    }
    const taken = (performance.now() - startedAt) / 1000
    setSeconds(taken)
    setStartedAt(null)
    return taken
  }
  return { seconds, running: startedAt !== null, toggle }
}
