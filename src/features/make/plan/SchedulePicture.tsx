'use client'

import { useRef, useState } from 'react'
import styled from 'styled-components'
import { writtenAt, type Minutes } from '@/core/prepare/minutes'
import { countNoun } from '@/core/units/format'
import { Folds, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { useMedia } from '@/ui/kit/useMedia'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { SMALL } from '../../shared/smallScreen'
import { useDates } from '../../shared/settings/useDates'
import { DayList } from './DayList'
import { type AllPlans, type PlanData } from './load'
import { A_DAY, midnightOf } from './picture/axis'
import { blocksOf, type TimedBlock } from './picture/lanes'
import { WeekPicture } from './picture/WeekPicture'
import { WeekStrip } from './picture/WeekStrip'
import { StepPanel } from './StepPanel'
import { minuteWords } from './words'

const Wide = styled.div`
  ${SMALL} {
    display: none;
  }
`
const Small = styled.div`
  display: none;
  ${SMALL} {
    display: grid;
    gap: 1rem;
  }
`
const Beside = styled.div`
  display: grid;
  gap: 1.25rem;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  align-items: start;
  ${SMALL} {
    grid-template-columns: minmax(0, 1fr);
  }
`
const Day = styled.section`
  display: grid;
  gap: 0.3rem;
  h2 {
    font-size: 1.1rem;
    margin: 0;
  }
`

/** What the first days are called. */
const TITLES = ['Today', 'Tomorrow'] as const

interface Props extends Pick<AllPlans, 'now' | 'free'> {
  plans: readonly PlanData[]
  /** Whether projects are named. */
  isNamed: boolean
}

/** The plan as a picture, the step that was chosen or comes next, and the lists of these two days. */
export function SchedulePicture({ plans, now, free, isNamed }: Props) {
  const blocks = blocksOf(plans)
  const [first] = blocks
  const [chosen, setChosen] = useState<string>()
  const shown = blocks.find(({ key }) => key === chosen) ?? first
  const isPrinted = useMedia('print')
  const panel = useRef<HTMLDivElement>(null)
  const choose = (key: string) => {
    setChosen(key)
    panel.current?.scrollIntoView({ block: 'nearest' })
  }
  if (!shown) return null
  if (isPrinted) return <Days blocks={blocks} isNamed={isNamed} />
  const today = midnightOf(now)
  // Where these two days are empty, the next one that is not stands with them.
  const nextDay = midnightOf(blocks[0]?.start ?? today)
  const onDay = (day: Minutes) => blocks.filter(({ start }) => midnightOf(start) === day)
  return (
    <Stack $gap="1.25rem">
      <Wide>
        <WeekPicture blocks={blocks} now={now} free={free} chosen={shown.key} onChoose={setChosen} />
      </Wide>
      <Small>
        <WeekStrip blocks={blocks} now={now}>
          {(day) => <DayBox day={day} blocks={onDay(day)} isNamed={isNamed} onChoose={choose} />}
        </WeekStrip>
      </Small>
      <Beside ref={panel}>
        <StepPanel key={shown.key} block={shown} isNext={shown === first} isNamed={isNamed} now={now} free={free} />
        <Wide>
          <Paper aria-label="These days">
            {[today, today + A_DAY, ...(nextDay > today + A_DAY ? [nextDay] : [])].map((day, i) => (
              <DayBox
                key={day}
                {...(TITLES[i] && { title: TITLES[i] })}
                day={day}
                blocks={onDay(day)}
                isNamed={isNamed}
                onChoose={choose}
              />
            ))}
          </Paper>
        </Wide>
      </Beside>
      <Later blocks={blocks.filter(({ start }) => start >= today + 2 * A_DAY)} isNamed={isNamed} />
    </Stack>
  )
}

interface DayProps extends DaysProps {
  title?: string
  day: Minutes
  onChoose: (key: string) => void
}

function DayBox({ title, day, blocks, isNamed, onChoose }: DayProps) {
  const { weekdayText } = useDates()
  const date = weekdayText(writtenAt(day))
  return (
    <Day aria-label={date}>
      <h2>{title ?? date}</h2>
      {blocks.length === 0 ? (
        <Soft>Nothing to do.</Soft>
      ) : (
        <DayList blocks={blocks} isNamed={isNamed} onChoose={onChoose} />
      )}
    </Day>
  )
}

interface DaysProps {
  blocks: readonly TimedBlock[]
  isNamed: boolean
}

/** Every day after tomorrow as one line, opened when asked. */
function Later({ blocks, isNamed }: DaysProps) {
  const { weekdayText } = useDates()
  const last = blocks.at(-1)
  if (!last) return null
  const days = byDay(blocks)
  return (
    <Folds>
      <WhenOpened summary={`Later · ${countNoun(days.length, 'day')} until ${weekdayText(writtenAt(last.start))}`}>
        {() => (
          <Folds>
            {days.map(([day, own]) => (
              <WhenOpened key={day} summary={`${weekdayText(writtenAt(day))} · ${dayWords(own)}`}>
                {() => <DayList blocks={own} isNamed={isNamed} isFull />}
              </WhenOpened>
            ))}
          </Folds>
        )}
      </WhenOpened>
    </Folds>
  )
}

/** Every step day by day, for paper. */
function Days({ blocks, isNamed }: DaysProps) {
  const { weekdayText } = useDates()
  return byDay(blocks).map(([day, own]) => (
    <Day key={day} aria-label={weekdayText(writtenAt(day))}>
      <h2>{weekdayText(writtenAt(day))}</h2>
      <DayList blocks={own} isNamed={isNamed} isFull />
    </Day>
  ))
}

function byDay(blocks: readonly TimedBlock[]): [day: Minutes, blocks: TimedBlock[]][] {
  const days = new Map<Minutes, TimedBlock[]>()
  for (const block of blocks) {
    const day = midnightOf(block.start)
    days.set(day, [...(days.get(day) ?? []), block])
  }
  return [...days]
}

function dayWords(blocks: readonly TimedBlock[]): string {
  const hands = blocks.reduce((sum, { start, handsEnd }) => sum + handsEnd - start, 0)
  return [countNoun(blocks.length, 'step'), hands > 0 ? minuteWords(hands) : ''].filter(Boolean).join(', ')
}
