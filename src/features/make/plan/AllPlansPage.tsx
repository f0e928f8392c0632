'use client'

import Link from 'next/link'
import { countNoun } from '@/core/units/format'
import { EmptyState } from '@/ui/empty/EmptyState'
import { FileLink, StrongLink } from '@/ui/kit/links'
import { Actions, Folds, Lead, Page, PlainList, Soft, Stack } from '@/ui/kit/surfaces'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { type AllPlans } from './load'
import { ProjectDates } from './ProjectDates'
import { SchedulePicture } from './SchedulePicture'
import { SingleTimes } from './SingleTimes'
import { minuteWords } from './words'
import { useDates } from '../../shared/settings/useDates'

/** Everything that is planned, of all projects, as a picture. */
export function AllPlansPage({ plans, waiting, now, free, once }: AllPlans) {
  const { weekdayText } = useDates()
  const hands = plans.flatMap(({ steps }) => steps).reduce((sum, one) => sum + one.hands, 0)
  const last = plans
    .flatMap(({ finish }) => finish ?? [])
    .sort()
    .at(-1)
  return (
    <Page $gap="1.1rem">
      <div>
        <h1>Schedule</h1>
        <Lead role="status">
          {last
            ? `${countNoun(plans.length, 'project')}, ${minuteWords(hands)} of work, done by ${weekdayText(last)}.`
            : 'Nothing to schedule: start a project and choose its fabric.'}
        </Lead>
      </div>
      {plans.length === 0 && waiting.length === 0 ? (
        <EmptyState
          drawing="days"
          text="Your days will stand here: what your hands do, and what dries or soaks meanwhile."
        >
          <StrongLink href="/make/projects/add">Start a project</StrongLink>
        </EmptyState>
      ) : (
        <>
          <SchedulePicture plans={plans} now={now} free={free} isNamed />
          <Stack as="section" aria-label="Projects" $gap="0.5rem">
            <h2>By project</h2>
            <ProjectDates plans={plans} />
          </Stack>
          <Folds>
            <WhenOpened
              id="single-times"
              summary={`Free time on single days${once.length > 0 ? ` · ${once.length}` : ''}`}
            >
              {() => <SingleTimes once={once} now={now} />}
            </WhenOpened>
            {waiting.length > 0 ? <Waiting planned={plans.length} waiting={waiting} /> : null}
          </Folds>
          <Actions className="screen-only">
            {last ? <FileLink href="/make/schedule.ics">Add to calendar</FileLink> : null}
            <Link href="/make/equipment">Equipment and time</Link>
          </Actions>
        </>
      )}
    </Page>
  )
}

function Waiting({ planned, waiting }: { planned: number } & Pick<AllPlans, 'waiting'>) {
  return (
    <WhenOpened summary={`Not scheduled yet · ${countNoun(waiting.length, 'project')}`}>
      {() => (
        <>
          <Soft>
            The {planned} oldest projects share your time; these follow when those are done. You can plan each one on
            its own page.
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
        </>
      )}
    </WhenOpened>
  )
}

/** So many that wait are named. */
const MOST_NAMED = 20
