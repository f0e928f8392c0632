'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { countNoun } from '@/core/units/format'
import { type PlannedStep } from '@/core/prepare/prepare'
import { Button, StrongButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { FileLink } from '@/ui/kit/links'
import { Actions, Columns, Lead, Page, Paper, PlainList, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { WhenOpened } from '@/ui/kit/WhenOpened'
import { Terms } from '@/ui/text/Terms'
import { useCountdown, type Countdown } from '../../shared/useCountdown'
import { changeProject } from '../projects/actions'
import { type PlanData } from './load'
import { StepTimer } from './StepTimer'
import { minuteWords, waitWords } from './words'
import { useDates } from '../../shared/settings/useDates'
import { type Dates } from '../../shared/dates'
import { lastOf, mustHave } from '@/core/lists/items'
import { Say } from '@/ui/text/Say'

const Day = styled.section`
  display: grid;
  gap: 0.4rem;
  h2 {
    font-size: 1.1rem;
    margin: 0.6rem 0 0;
  }
`
const Line = styled.li`
  display: grid;
  grid-template-columns: 3.6rem minmax(0, 1fr);
  gap: 0.75rem;
  padding: 0.55rem 0;
  border-bottom: 1px solid var(--line);
  time {
    font-variant-numeric: tabular-nums;
    padding-top: 0.55rem;
  }
`

/** What to do when: the next step first, then day by day. */
export function PlanPage(plan: PlanData) {
  const { id, name, steps, finish, hasCloth, isAsked } = plan
  const next = steps.find(({ start }) => start !== null)
  const { weekdayText } = useDates()
  return (
    <Page>
      <div>
        <Link href={`/make/projects/${id}`}>{name}</Link>
        <h1>Project schedule</h1>
        <Lead role="status">{leadWords(plan, weekdayText)}</Lead>
      </div>
      {hasCloth ? null : (
        <Callout $tone="warn">
          No fabric is chosen yet, so washing it is not included.{' '}
          <Link href={`/make/projects/${id}`}>Choose a fabric first.</Link>
        </Callout>
      )}
      {next ? (
        <div className="screen-only">
          <NextStep plan={plan} step={next} />
        </div>
      ) : null}
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
      <Pace pace={plan.pace} />
      <Columns $first="1.8fr">
        <Stack>
          <Days plans={[plan]} />
          <Unplanned plan={plan} />
        </Stack>
        <Stack>
          <Loads plan={plan} />
          {plan.warnings.length > 0 ? (
            <Paper aria-label="Watch out for">
              <h2>Watch out for</h2>
              <PlainList>
                {plan.warnings.map(({ text }, i) => (
                  <li key={i}>
                    <Say>{text}</Say>
                  </li>
                ))}
              </PlainList>
            </Paper>
          ) : null}
          <Behind plan={plan} />
        </Stack>
      </Columns>
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

const KINDS: Readonly<Record<PlannedStep['kind'], string>> = {
  buy: 'Buy everything',
  toile: 'Test garment',
  'test-square': 'Test a square',
  'finish-edges': 'Finish the edges',
  wash: 'Wash',
  dry: 'Dry',
  press: 'Press',
  'true-grain': 'Straighten the grain',
  'find-flaws': 'Check for flaws',
  quarantine: 'Keep it apart',
  freeze: 'Freeze it',
  air: 'Air it',
  rest: 'Let it rest',
  stabilise: 'Stiffen it',
  'test-seam': 'Test seam',
  cut: 'Cut',
  mark: 'Mark',
  staystitch: 'Staystitch',
  interface: 'Interfacing',
  sew: 'Sew',
  'wash-out': 'Wash out the stiffener',
  hang: 'Hang',
  hem: 'Hem',
  finish: 'Finish',
}

/** So long a step is put off at once, minutes. */
const A_DAY = 1440

function NextStep({ plan, step }: { plan: PlanData; step: PlannedStep }) {
  const { weekdayText } = useDates()
  const { busy, trouble, doing } = useAsyncAction()
  const work = useCountdown(`${plan.id} ${step.id}`)
  const done = () =>
    doing(async () => {
      const outcome = await changeProject(plan.id, {
        do: 'tick',
        id: step.id,
        isDone: true,
        ...tookOf(step, plan.pace, work),
      })
      if (outcome.ok) work.stop()
      return outcome
    })
  const later = () => {
    const until = new Date(Date.parse(`${step.start}:00Z`) + A_DAY * 60_000).toISOString().slice(0, 16)
    return doing(() => changeProject(plan.id, { do: 'put-off', id: step.id, until }))
  }
  return (
    <Paper aria-label="Next step">
      <Soft>
        Next: {weekdayText(mustHave(step.start))} at {mustHave(step.start).slice(11)}
        {step.hands > 0 ? `, ${minuteWords(step.hands)}` : ''}
        {piecesWords(plan, step)}
      </Soft>
      <Lead>
        {KINDS[step.kind]}: <Say>{step.text}</Say>
      </Lead>
      <p>
        <Say>{step.why}</Say>
      </p>
      {step.risk ? <Soft>{step.risk}</Soft> : null}
      <Learned step={step} />
      <StepTimer projectId={plan.id} step={step} work={work} />
      <Actions>
        <StrongButton isDisabled={busy} onPress={done}>
          Done
        </StrongButton>
        <Button isDisabled={busy} onPress={later}>
          Move to tomorrow
        </Button>
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

/** How long it took by the watch; planned as it would be without this person’s pace. */
function tookOf({ hands }: PlannedStep, pace: number, { secondsLeft, secondsGone }: Countdown) {
  if (secondsLeft === null || secondsGone < 60) return {}
  return { took: { planned: Math.round(hands / pace), minutes: Math.round(secondsGone / 60) } }
}

/** Where what a step teaches is written down, by its kind. */
const LEARNED: Partial<Record<PlannedStep['kind'], readonly [words: string, address: (pieceId: string) => string]>> =
  {
    'test-square': ['Record the shrinkage', (id) => `/identify/measure/shrinkage?piece=${id}`],
    'true-grain': ['Record how far off it was', (id) => `/identify/measure/grain?piece=${id}`],
    'test-seam': ['Record how it turned out', (id) => `/stash/${id}/sew`],
  }

function Learned({ step: { kind, pieces } }: { step: PlannedStep }) {
  const learned = LEARNED[kind]
  const [first] = pieces
  return learned && first ? (
    <p>
      <Link href={learned[1](first)}>{learned[0]}</Link>
    </p>
  ) : null
}

function piecesWords({ names }: PlanData, { pieces }: PlannedStep): string {
  const known = pieces.flatMap((id) => names[id] ?? [])
  return known.length > 0 && known.length < Object.keys(names).length ? `: ${known.join(', ')}` : ''
}

/** Steps day by day, of one project or of several. */
export function Days({ plans }: { plans: readonly PlanData[] }) {
  const { weekdayText } = useDates()
  const timed = plans
    .flatMap((plan) => plan.steps.flatMap((step) => (step.start === null ? [] : [{ plan, step, start: step.start }])))
    .sort((a, b) => a.start.localeCompare(b.start))
  const days = [...new Set(timed.map(({ start }) => start.slice(0, 10)))]
  return days.map((day) => (
    <Day key={day} aria-label={weekdayText(`${day}T00:00`)}>
      <h2>{weekdayText(`${day}T00:00`)}</h2>
      <PlainList $gap="0">
        {timed
          .filter(({ start }) => start.startsWith(day))
          .map(({ plan, step, start }) => (
            <StepLine
              key={`${plan.id} ${step.id}`}
              plan={plan}
              step={{ ...step, start }}
              isNamed={plans.length > 1}
            />
          ))}
      </PlainList>
    </Day>
  ))
}

interface LineProps {
  plan: PlanData
  step: PlannedStep & { start: string }
  /** Whether the project is named beside it. */
  isNamed: boolean
}

function StepLine({ plan, step, isNamed }: LineProps) {
  const { busy, trouble, doing } = useAsyncAction()
  const wait = waitWords(step.wait)
  const isOnPath = plan.criticalPath.includes(step.id)
  return (
    <Line>
      <time dateTime={step.start}>{step.start.slice(11)}</time>
      <div>
        <CheckField
          isSelected={false}
          isDisabled={busy}
          onChange={() => doing(() => changeProject(plan.id, { do: 'tick', id: step.id, isDone: true }))}
        >
          <b>{KINDS[step.kind]}</b>
          {isNamed ? `, ${plan.name}` : ''}
        </CheckField>
        <p>
          <Terms>{step.text}</Terms>
        </p>
        <Soft>
          {workWords(step.hands, wait)}
          {piecesWords(plan, step)}
          {isOnPath ? '. A delay here delays everything' : ''}.
        </Soft>
        <Learned step={step} />
        <Trouble>{trouble}</Trouble>
      </div>
    </Line>
  )
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
    <Paper aria-label="In the machine">
      <h2>In the machine</h2>
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
    </Paper>
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

/** “30 min, then leave it 3 to 10 hours”; “Leave it 3 to 10 hours”. */
function workWords(hands: number, wait: string): string {
  if (hands === 0) return `Leave it ${wait}`
  return wait ? `${minuteWords(hands)}, then leave it ${wait}` : minuteWords(hands)
}
