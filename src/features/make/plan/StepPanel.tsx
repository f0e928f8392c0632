'use client'

import Link from 'next/link'
import { writtenAt } from '@/core/prepare/minutes'
import { type PlannedStep } from '@/core/prepare/prepare'
import { STEP_KIND_WORDS } from '@/core/prepare/stepWords'
import { Button, QuietButton, StrongButton } from '@/ui/kit/buttons'
import { Actions, Lead, Paper, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { Say } from '@/ui/text/Say'
import { useCountdown, type Countdown } from '../../shared/useCountdown'
import { changeProject } from '../projects/actions'
import { moveStep } from './actions'
import { Learned } from './Learned'
import { A_DAY } from './picture/axis'
import { type TimedBlock } from './picture/lanes'
import { placeBeyond } from './picture/places'
import { type AllPlans } from './load'
import { StepTimer } from './StepTimer'
import { tickParts } from './tickParts'
import { minuteWords, piecesWords, waitWords } from './words'
import { useDates } from '../../shared/settings/useDates'

interface Props extends Pick<AllPlans, 'now' | 'free'> {
  block: TimedBlock
  /** Whether it is what comes next. */
  isNext: boolean
  /** Whether the project is named. */
  isNamed: boolean
}

/** The step that was chosen: what is done, why, and what can be done about it. */
export function StepPanel({ block, isNext, isNamed, now, free }: Props) {
  const { plan, step, start, parts } = block
  const { weekdayText } = useDates()
  const { busy, trouble, doing } = useAsyncAction()
  const work = useCountdown(`${plan.id} ${step.id}`)
  const hands = block.handsEnd - start
  const wait = waitWords(step.wait)
  const done = () =>
    doing(async () => {
      const outcome = await tickParts(parts, (one) => (one === step ? tookOf(step, plan.pace, work) : {}))
      if (outcome.ok) work.stop()
      return outcome
    })
  const putOff = () =>
    doing(() => changeProject(plan.id, { do: 'put-off', id: step.id, until: writtenAt(start + A_DAY) }))
  const asked = { step: { ...step, hands }, now, free, by: 'window' } as const
  const [earlier, later] = [placeBeyond(start, 'earlier', asked), placeBeyond(start, 'later', asked)]
  const move = (at: number | undefined) => at !== undefined && doing(() => moveStep(plan.id, step.id, writtenAt(at)))
  return (
    <Paper aria-label={isNext ? 'Next step' : 'Chosen step'}>
      <Soft>
        {isNext ? 'Next: ' : ''}
        {weekdayText(writtenAt(start))} at {writtenAt(start).slice(11)}
        {hands > 0 ? `, ${minuteWords(hands)}` : ''}
        {wait ? `, then ${wait} by itself` : ''}
        {piecesWords(plan.names, step.pieces)}
        {plan.criticalPath.includes(step.id) ? '. A delay here delays everything' : ''}
      </Soft>
      {isNamed ? <Projects parts={parts} /> : null}
      <Lead>
        {STEP_KIND_WORDS[step.kind]}: <Say>{step.text}</Say>
      </Lead>
      <p>
        <Say>{step.why}</Say>
      </p>
      {step.risk ? <Soft>{step.risk}</Soft> : null}
      <Learned step={step} />
      <StepTimer projectId={plan.id} step={{ ...step, hands }} work={work} />
      <Actions>
        <StrongButton isDisabled={busy} onPress={done}>
          Done
        </StrongButton>
        <Button isDisabled={busy || earlier === undefined} onPress={() => move(earlier)}>
          Earlier
        </Button>
        <Button isDisabled={busy || later === undefined} onPress={() => move(later)}>
          Later
        </Button>
        <Button isDisabled={busy} onPress={putOff}>
          Move to tomorrow
        </Button>
        {plan.placed.includes(step.id) ? (
          <QuietButton
            isDisabled={busy}
            onPress={() => doing(() => changeProject(plan.id, { do: 'let-go', id: step.id }))}
          >
            Put it back where it fits
          </QuietButton>
        ) : null}
      </Actions>
      <Trouble>{trouble}</Trouble>
    </Paper>
  )
}

function Projects({ parts }: Pick<TimedBlock, 'parts'>) {
  return (
    <p>
      {parts.map(({ plan }, i) => (
        <span key={plan.id}>
          {i > 0 ? ', ' : ''}
          <Link href={`/make/projects/${plan.id}`}>{plan.name}</Link>
        </span>
      ))}
    </p>
  )
}

/** How long it took by the watch; planned as it would be without this person’s pace. */
function tookOf({ hands }: PlannedStep, pace: number, { secondsLeft, secondsGone }: Countdown) {
  if (secondsLeft === null || secondsGone < 60) return {}
  return { took: { planned: Math.round(hands / pace), minutes: Math.round(secondsGone / 60) } }
}
