'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { writtenAt, type Minutes } from '@/core/prepare/minutes'
import { type Workroom } from '@/core/notebook/kinds/workroom'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { ChoiceField } from '@/ui/kit/fields'
import { Actions, Fields, PlainList, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { useDates } from '../../shared/settings/useDates'
import { saveOnce } from './actions'

const DayField = dynamic(() => import('@/ui/kit/DayField').then((found) => found.DayField))
const TimeField = dynamic(() => import('@/ui/kit/TimeField').then((found) => found.TimeField))

type Once = Workroom['once']
const KINDS = [
  ['free', 'free'],
  ['taken', 'not free'],
] as const

/** Times of single days: free beside the usual, or not free. */
export function SingleTimes({ once, now }: { once: Once; now: Minutes }) {
  const { weekdayText } = useDates()
  const { busy, trouble, doing } = useAsyncAction()
  const [day, setDay] = useState<string | null>(() => writtenAt(now).slice(0, 10))
  const [from, setFrom] = useState('14:00')
  const [to, setTo] = useState('16:00')
  const [kind, setKind] = useState<string>('free')
  // What is over is not shown, and not kept when something is added.
  const ahead = once.filter(({ to: end }) => end > writtenAt(now))
  const add = () => {
    const one = { from: `${day ?? ''}T${from}`, to: `${day ?? ''}T${to}`, isFree: kind === 'free' }
    return doing(() => saveOnce([...ahead, one].sort((a, b) => a.from.localeCompare(b.from))))
  }
  return (
    <Stack $gap="0.75rem">
      {ahead.length > 0 ? (
        <PlainList>
          {ahead.map((one) => (
            <li key={`${one.from} ${one.to} ${one.isFree}`}>
              <Actions>
                {weekdayText(one.from)}, {one.from.slice(11)} to {one.to.slice(11)}:{' '}
                {one.isFree ? 'free' : 'not free'}
                <QuietButton
                  isDisabled={busy}
                  onPress={() => doing(() => saveOnce(ahead.filter((other) => other !== one)))}
                >
                  Remove
                </QuietButton>
              </Actions>
            </li>
          ))}
        </PlainList>
      ) : null}
      <Fields>
        <DayField label="Day" day={day} onChange={setDay} />
        <TimeField label="From" time={from} onChange={setFrom} />
        <TimeField label="To" time={to} onChange={setTo} />
        <ChoiceField label="I am" value={kind} onChange={setKind} options={KINDS} />
      </Fields>
      <Actions>
        <Button isDisabled={busy} onPress={add}>
          Add this time
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Stack>
  )
}
