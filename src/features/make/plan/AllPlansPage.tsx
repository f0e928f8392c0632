'use client'

import { countNoun } from '@/core/units/format'
import Link from 'next/link'
import { EmptyState } from '@/ui/empty/EmptyState'
import { FileLink, StrongLink } from '@/ui/kit/links'
import { Actions, Columns, Lead, Page, Paper, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { type AllPlans } from './load'
import { Days } from './PlanPage'
import { minuteWords } from './words'
import { useDates } from '../../shared/settings/useDates'

/** Everything that is planned, of all projects, day by day. */
export function AllPlansPage({ plans, waiting }: AllPlans) {
  const { weekdayText } = useDates()
  const hands = plans.flatMap(({ steps }) => steps).reduce((sum, one) => sum + one.hands, 0)
  const last = plans
    .flatMap(({ finish }) => finish ?? [])
    .sort()
    .at(-1)
  return (
    <Page>
      <div>
        <h1>Schedule</h1>
        <Lead role="status">
          {last
            ? `${countWords(plans.length)}, ${minuteWords(hands)} of work, done by ${weekdayText(last)}.`
            : 'Nothing to schedule: start a project and choose its fabric.'}
        </Lead>
      </div>
      <Actions>
        {last ? <FileLink href="/make/schedule.ics">Add to calendar</FileLink> : null}
        <Link href="/make/equipment">Equipment and time</Link>
      </Actions>
      {plans.length === 0 && waiting.length === 0 ? (
        <EmptyState
          drawing="days"
          text="Your days will stand here: what your hands do, and what dries or soaks meanwhile."
        >
          <StrongLink href="/make/projects/add">Start a project</StrongLink>
        </EmptyState>
      ) : (
        <Columns $first="1.8fr">
          <div>
            <Days plans={plans} />
          </div>
          <Stack>
            <Paper aria-label="Projects">
              <h2>By project</h2>
              <PlainList>
                {plans.map(({ id, name, finish }) => (
                  <li key={id}>
                    <Link href={`/make/projects/${id}/schedule`}>{name}</Link>
                    <Soft>{finish ? `by ${weekdayText(finish)}` : 'without a time yet'}</Soft>
                  </li>
                ))}
              </PlainList>
            </Paper>
            {waiting.length > 0 ? (
              <Paper aria-label="Not planned yet">
                <h2>Not scheduled yet</h2>
                <Soft>
                  The {plans.length} oldest projects share your time; these follow when those are done. You can plan
                  each one on its own page.
                </Soft>
                <PlainList>
                  {waiting.slice(0, MOST_NAMED).map(({ id, name }) => (
                    <li key={id}>
                      <Link href={`/make/projects/${id}/schedule`} prefetch={false}>
                        {name}
                      </Link>
                    </li>
                  ))}
                </PlainList>
                {waiting.length > MOST_NAMED ? <Soft>and {waiting.length - MOST_NAMED} more</Soft> : null}
              </Paper>
            ) : null}
          </Stack>
        </Columns>
      )}
    </Page>
  )
}

/** So many that wait are named. */
const MOST_NAMED = 20

const countWords = (count: number) => `${countNoun(count, 'project')}`
