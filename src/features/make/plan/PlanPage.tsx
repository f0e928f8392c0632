'use client'

import Link from 'next/link'
import { countNoun } from '@/core/units/format'
import { Button } from '@/ui/kit/buttons'
import { FileLink } from '@/ui/kit/links'
import { Actions, Callout, Folds, Lead, Page, PlainList, Soft } from '@/ui/kit/surfaces'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { changeProject } from '../projects/actions'
import { type AllPlans, type PlanData } from './load'
import { DueFields, dueWords } from './ProjectDates'
import { SchedulePicture } from './SchedulePicture'
import { SingleTimes } from './SingleTimes'
import { minuteWords } from './words'
import { useDates } from '../../shared/settings/useDates'
import { type Dates } from '../../shared/dates'
import { lastOf } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

/** What to do when: the week as a picture, the next step, and what there is to know. */
export function PlanPage({ plan, now, free, once }: { plan: PlanData } & Pick<AllPlans, 'now' | 'free' | 'once'>) {
  const { id, name, finish, hasCloth, isAsked } = plan
  const { weekdayText } = useDates()
  return (
    <Page $gap="1.1rem">
      <div>
        <Link href={`/make/projects/${id}`}>{name}</Link>
        <h1>Project schedule</h1>
        <Lead role="status">
          {leadWords(plan, weekdayText)}
          {dueWords(plan) ? ` Wanted by ${weekdayText(`${plan.wishDate}T00:00`)}${dueWords(plan)}.` : ''}
        </Lead>
      </div>
      {hasCloth ? null : (
        <Callout $tone="warn">
          No fabric is chosen yet, so washing it is not included.{' '}
          <Link href={`/make/projects/${id}`}>Choose a fabric first.</Link>
        </Callout>
      )}
      <Pace pace={plan.pace} />
      <SchedulePicture plans={[plan]} now={now} free={free} isNamed={false} />
      <Behind plan={plan} />
      <Folds className="screen-only">
        <WhenOpened summary="Wanted by, and how it stands to your other projects">
          {() => <DueFields plan={plan} />}
        </WhenOpened>
        <WhenOpened summary={`Free time on single days${once.length > 0 ? ` · ${once.length}` : ''}`}>
          {() => <SingleTimes once={once} now={now} />}
        </WhenOpened>
        <Unplanned plan={plan} />
        <Loads plan={plan} />
        {plan.warnings.length > 0 ? (
          <WhenOpened summary={`Watch out for · ${plan.warnings.length}`}>
            {() => (
              <PlainList>
                {plan.warnings.map(({ text }, i) => (
                  <li key={i}>
                    <Say>{text}</Say>
                  </li>
                ))}
              </PlainList>
            )}
          </WhenOpened>
        ) : null}
      </Folds>
      <Actions className="screen-only">
        {finish ? <FileLink href={`/make/projects/${id}/schedule.ics`}>Add to calendar</FileLink> : null}
        {finish ? <Button onPress={() => window.print()}>Print list</Button> : null}
        <Link href="/make/equipment">
          {isAsked ? 'Equipment and time' : 'Enter your free time and your machines'}
        </Link>
        {plan.others > 0 ? (
          <Link href="/make/schedule">
            Together with {countNoun(plan.others, 'other project')}: see the whole schedule
          </Link>
        ) : null}
        {isAsked ? null : <Soft>Until then we assume two evenings and a Saturday morning a week.</Soft>}
      </Actions>
    </Page>
  )
}

/** Less than that is not said. */
const SAID = 0.05

/** That the person's own pace is reckoned with, where it is another than the usual. */
function Pace({ pace }: Pick<PlanData, 'pace'>) {
  const off = Math.round((pace - 1) * 100)
  if (Math.abs(pace - 1) < SAID) return null
  return (
    <Soft>
      Your timed work takes you {Math.abs(off)} % {off > 0 ? 'longer' : 'less'} than usual: we use your own times
      here.
    </Soft>
  )
}

function leadWords({ finish, steps, unscheduled, done }: PlanData, weekdayText: Dates['weekdayText']): string {
  if (steps.length === 0) return 'Everything is done.'
  const hands = steps.reduce((sum, one) => sum + one.hands, 0)
  const work = `${minuteWords(hands)} of work in ${countNoun(steps.length, 'step')}${done.length > 0 ? ' to go' : ''}`
  if (finish === null) return `${work}; there is no free time for it yet.`
  if (unscheduled.length > 0) return `${work}; ${unscheduled.length} of them don’t fit into the next twelve weeks.`
  return `Done by ${weekdayText(finish)}: ${work}.`
}

function Unplanned({ plan: { steps, unscheduled } }: { plan: PlanData }) {
  if (unscheduled.length === 0) return null
  return (
    <WhenOpened summary={`${countNoun(unscheduled.length, 'step')} without a time`}>
      {() => (
        <PlainList>
          {steps
            .filter(({ id }) => unscheduled.includes(id))
            .map(({ id, text, hands }) => (
              <li key={id}>
                <Say>{text}</Say> ({minuteWords(hands)})
              </li>
            ))}
        </PlainList>
      )}
    </WhenOpened>
  )
}

function Loads({ plan: { loads, names } }: { plan: PlanData }) {
  if (loads.length === 0) return null
  return (
    <WhenOpened summary={`In the machine · ${countNoun(loads.length, 'load')}`}>
      {() => (
        <PlainList>
          {loads.map(({ id, text, pieces }) => (
            <li key={id}>
              <b>
                <Say>{text}</Say>
              </b>
              <Soft>{pieces.map((piece) => names[piece] ?? piece).join(', ')}</Soft>
            </li>
          ))}
        </PlainList>
      )}
    </WhenOpened>
  )
}

function Behind({ plan }: { plan: PlanData }) {
  const { busy, doing } = useAsyncAction()
  if (plan.done.length === 0) return null
  const last = lastOf(plan.done)
  return (
    <Actions>
      <Soft>{countNoun(plan.done.length, 'step is', 'steps are')} done.</Soft>
      <Button
        isDisabled={busy}
        onPress={() => doing(() => changeProject(plan.id, { do: 'tick', id: last, isDone: false }))}
      >
        Undo the last tick
      </Button>
    </Actions>
  )
}
