'use client'

import { ChevronRight } from 'lucide-react'
import styled from 'styled-components'
import { STEP_KIND_WORDS } from '@/core/prepare/stepWords'
import { QuietButton } from '@/ui/kit/buttons'
import { CheckField } from '@/ui/kit/checks'
import { PlainList, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { Say } from '@/ui/text/Say'
import { Learned } from './Learned'
import { type TimedBlock } from './picture/lanes'
import { writtenAt } from '@/core/prepare/minutes'
import { band, markOf } from './picture/projectMarks'
import { tickParts } from './tickParts'
import { minuteWords, piecesWords, projectsWords, waitWords, workWords } from './words'

const Line = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: 3.4rem minmax(0, 1fr) auto;
  gap: 0.6rem;
  padding: 0.3rem 0 0.3rem 1rem;
  border-bottom: 1px solid var(--line);
  time {
    font-variant-numeric: tabular-nums;
    padding-top: 0.55rem;
  }
  ${band}
`

interface ListProps {
  blocks: readonly TimedBlock[]
  /** Whether projects are named. */
  isNamed: boolean
  /** What each step is in full, or in a line. */
  isFull?: boolean
  /** Shows a step in full elsewhere. */
  onChoose?: ((key: string) => void) | undefined
}

/** Steps in the order of time, to tick. */
export function DayList({ blocks, isNamed, isFull = false, onChoose }: ListProps) {
  return (
    <PlainList $gap="0">
      {blocks.map((block) => (
        <StepLine key={block.key} block={block} isNamed={isNamed} isFull={isFull} onChoose={onChoose} />
      ))}
    </PlainList>
  )
}

function StepLine({ block, isNamed, isFull, onChoose }: Omit<ListProps, 'blocks'> & { block: TimedBlock }) {
  const { plan, step, start, handsEnd, parts, project } = block
  const { busy, trouble, doing } = useAsyncAction()
  const hands = handsEnd - start
  const tick = () => doing(() => tickParts(parts))
  return (
    <Line style={markOf(project)}>
      <time dateTime={writtenAt(start)}>{writtenAt(start).slice(11)}</time>
      <div>
        <CheckField isSelected={false} isDisabled={busy} onChange={tick}>
          <b>{STEP_KIND_WORDS[step.kind]}</b>
          {isNamed ? `, ${projectsWords(parts.map((part) => part.plan.name))}` : ''}
          {isFull || hands === 0 ? '' : `, ${minuteWords(hands)}`}
        </CheckField>
        {isFull ? (
          <>
            <p>
              <Say>{step.text}</Say>
            </p>
            <Soft>
              {workWords(hands, waitWords(step.wait))}
              {piecesWords(plan.names, step.pieces)}
              {plan.criticalPath.includes(step.id) ? '. A delay here delays everything' : ''}.
            </Soft>
            <Learned step={step} />
          </>
        ) : null}
        <Trouble>{trouble}</Trouble>
      </div>
      {onChoose ? (
        <QuietButton aria-label={`Details: ${STEP_KIND_WORDS[step.kind]}`} onPress={() => onChoose(block.key)}>
          <ChevronRight aria-hidden size={20} />
        </QuietButton>
      ) : null}
    </Line>
  )
}
