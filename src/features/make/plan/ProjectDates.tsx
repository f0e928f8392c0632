'use client'

import dynamic from 'next/dynamic'
import { LoneLink } from '@/ui/kit/links'
import { useState } from 'react'
import styled from 'styled-components'
import { PRIORITIES, PRIORITY_WORDS } from '@/core/vocabulary/making'
import { countNoun } from '@/core/units/format'
import { SelectField } from '@/ui/kit/SelectField'
import { Fields, Folds, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { useDates } from '../../shared/settings/useDates'
import { changeProject } from '../projects/actions'
import { type PlanData } from './load'
import { band, markOf } from './picture/projectMarks'

/** It brings a calendar: fetched where a day is asked for. */
const DayField = dynamic(() => import('@/ui/kit/DayField').then((found) => found.DayField))

const Row = styled.div`
  position: relative;
  padding-left: 1rem;
  border-bottom: 1px solid var(--line);
  summary {
    min-height: 2.75rem;
    align-content: center;
    cursor: pointer;
    font-weight: 600;
  }
  ${band}
`
const MS_A_DAY = 86_400_000

/** Each project with its end, and by when it is wanted. */
export function ProjectDates({ plans }: { plans: readonly PlanData[] }) {
  const { weekdayText } = useDates()
  const endWords = ({ finish }: PlanData) => (finish ? `done by ${weekdayText(finish)}` : 'no time yet')
  return (
    <Folds>
      {plans.map((plan, i) => (
        <Row key={plan.id} style={markOf(i)}>
          <WhenOpened summary={`${plan.name} · ${endWords(plan)}${dueWords(plan)}`}>
            {() => <DueFields plan={plan} />}
          </WhenOpened>
        </Row>
      ))}
    </Folds>
  )
}

/** “, 3 days early”; “, 4 days late”; nothing where no day was wished. */
export function dueWords({ finish, wishDate }: Pick<PlanData, 'finish' | 'wishDate'>): string {
  if (wishDate === null) return ''
  if (finish === null) return ', wanted'
  const days = Math.round((Date.parse(wishDate) - Date.parse(finish.slice(0, 10))) / MS_A_DAY)
  if (days === 0) return ', just in time'
  return `, ${countNoun(Math.abs(days), 'day')} ${days > 0 ? 'early' : 'late'}`
}

/** Whether a day was typed to its end: on the way to 2026 it is in the year 2, 20 and 202. */
const isWhole = (day: string | null) => day === null || day >= '1900'

/** By when it is wanted, and how it stands to the others: kept at once. */
export function DueFields({ plan }: { plan: Pick<PlanData, 'id' | 'wishDate' | 'priority' | 'finish'> }) {
  const { trouble, doing } = useAsyncAction()
  const [day, setDay] = useState(plan.wishDate)
  const isLate = dueWords(plan).endsWith('late')
  return (
    <>
      <Fields>
        <DayField
          label="Wanted by"
          day={day}
          onChange={(wishDate) => {
            setDay(wishDate)
            if (isWhole(wishDate)) doing(() => changeProject(plan.id, { do: 'wish', wishDate }))
          }}
        />
        <SelectField
          label="It gets your time"
          value={plan.priority}
          onChange={(priority) => doing(() => changeProject(plan.id, { do: 'wish', priority }))}
          options={PRIORITIES.map((one) => [one, PRIORITY_WORDS[one]] as const)}
        />
      </Fields>
      {isLate ? (
        <Soft>It will be late: add free time on a day before it, or let it go before the others.</Soft>
      ) : null}
      <p>
        <LoneLink href={`/make/projects/${plan.id}/schedule`}>Schedule of this project</LoneLink>
      </p>
      <Trouble>{trouble}</Trouble>
    </>
  )
}
