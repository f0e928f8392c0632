'use client'

import styled from 'styled-components'
import { type Feature } from '@/core/identify/features'
import { burnRate, catchState } from '@/core/identify/stopwatch'
import { fibreListWords } from '@/core/identify/words'
import { type SpecimenNote } from '@/core/notebook/kinds/burnTest'
import { formatPercent, withDoubt } from '@/core/units/format'
import { BurnStrip, PLAIN_YARN, STRIP_PLACES } from '@/ui/burn'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { useMedia } from '@/ui/kit/useMedia'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Columns, Callout, Stack } from '@/ui/kit/surfaces'
import { Belief } from '../../shared/burn/Belief'
import { describeSeen, seenIn, statesWords } from '../../shared/burn/session'
import { SMALL, SMALL_QUERY } from '../../shared/smallScreen'
import { Question } from '../../shared/question/Question'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type TestSubject } from './testSubject'
import { BenchHead } from './BenchHead'
import { BurnFrame } from './BurnFrame'
import { Stopwatch } from './Stopwatch'
import { type Bench } from './useBench'
import { Say } from '@/ui/text/Say'

/** A phone has the test alone on it; a wide screen has the belief beside it. */
const BenchBox = styled.div`
  display: grid;
  gap: 1.1rem;
  ${SMALL} {
    position: fixed;
    inset: 0;
    z-index: 6;
    display: flex;
    flex-direction: column;
    gap: 0.35rem;
    background: var(--ground);
    .strip,
    .belief {
      display: none;
    }
    .sides {
      display: contents;
    }
    .sides > [role='alert'] {
      margin-inline: 0.75rem;
      overflow: auto;
    }
    /* The frame is the watch. */
    .watch :is(button, output) {
      display: none;
    }
  }
`

const OneLine = styled.details`
  flex: none;
  margin-inline: 0.75rem;
  border-left: 5px solid var(--weld);
  padding-left: 0.6rem;
  summary {
    min-height: 2rem;
    align-content: center;
    font-size: 0.95rem;
    cursor: pointer;
  }
  &[open] {
    max-height: 60dvh;
    overflow: auto;
  }
`
const Reason = styled(Callout)`
  ${SMALL} {
    margin-inline: 0.75rem;
    font-size: 0.88rem;
    line-height: 1.25;
  }
`
const UNTIL_IT_CATCHES = 'until it catches fire'

interface Props {
  bench: Bench
  feature: Feature
  of: TestSubject | null
}

/** One question, under its place on the strip, with the belief beside it. */
export function AtTheBench({ bench, feature, of }: Props) {
  const { answers, belief, own, note } = bench
  const { features: placed = [], id: here } =
    STRIP_PLACES.find(({ features }) => (features as readonly string[]).includes(feature.id)) ?? {}
  const seenAny = bench.question.observations.length > 0
  const isAdvised = bench.phase === 'look' && !bench.asked
  const reason = isAdvised ? belief.next.find((one) => one.feature === feature.id)?.text : undefined
  // Cloth that would not light is left alone: nothing more is asked of it.
  const isHalted = belief.warnings.some(({ id }) => id === 'may-be-asbestos')
  const isSmall = useMedia(SMALL_QUERY)
  const enough = () => bench.finish(true)
  const yarn = of?.yarn ?? PLAIN_YARN
  return (
    <BenchBox data-at-the-flame>
      <BenchHead bench={bench} feature={feature} of={of} />
      <div className="strip">
        <BurnStrip
          seen={seenIn(own)}
          describe={(features) => describeSeen(own, features)}
          here={placed.length > 0 ? here : undefined}
          yarn={yarn}
        />
      </div>
      {isSmall && feature.kind === 'burn' ? (
        <BurnFrame seen={seenIn(own)} here={here} yarn={yarn} timed={timedIn(bench, feature)} />
      ) : null}
      {isSmall && seenAny ? <SoFar belief={belief} onResult={isHalted ? undefined : enough} /> : null}
      <Columns $first="1.7fr" className="sides">
        <Stack $gap="1.25rem" className="sides">
          {reason ? (
            <Reason>
              <b>Why this question:</b> <Say>{reason}</Say>
            </Reason>
          ) : null}
          {isHalted ? (
            <Halted bench={bench} onVerdict={enough} />
          ) : (
            <Question
              key={`${feature.id}-${bench.specimen}-${answers.length}`}
              feature={feature}
              yarn={of?.yarn}
              fills
              canUndo={answers.length > 0 || bench.asked !== undefined}
              onAnswer={bench.give}
              onUndo={bench.undo}
            >
              {feature.id === 'ignition' ? (
                <div className="watch">
                  <Stopwatch
                    what={UNTIL_IT_CATCHES}
                    kept={note.catchSeconds}
                    onTimed={(catchSeconds) => bench.keepNote({ ...note, catchSeconds })}
                    means={(seconds) => `That is called “${statesWords('ignition', [catchState(seconds)])}”.`}
                  />
                </div>
              ) : null}
              {feature.id === 'after-removal' ? <BurnTiming note={note} onNote={bench.keepNote} /> : null}
            </Question>
          )}
          {seenAny && !isHalted ? (
            <Actions className="belief">
              <QuietButton onPress={enough}>Show the result now</QuietButton>
            </Actions>
          ) : null}
        </Stack>
        <div className="belief">
          <Belief answer={belief} />
        </div>
      </Columns>
    </BenchBox>
  )
}

/** What of a question can be timed by holding its frame. */
function timedIn({ note, keepNote }: Bench, feature: Feature) {
  if (feature.id !== 'ignition') return undefined
  return {
    what: UNTIL_IT_CATCHES,
    kept: note.catchSeconds,
    onTimed: (catchSeconds: number) => keepNote({ ...note, catchSeconds }),
  }
}

/** The belief in one line, for a phone; opened, why, and the way to the result. */
function SoFar({ belief, onResult }: { belief: Bench['belief']; onResult: (() => void) | undefined }) {
  const { words } = usePreferences()
  const { leaning, leaningProbability } = belief.verdict
  return (
    <OneLine>
      <summary>
        Looks most like {fibreListWords(leaning, words)}, {formatPercent(leaningProbability)}
      </summary>
      <Stack $gap="0.6rem">
        {onResult ? (
          <Actions>
            <StrongButton onPress={onResult}>Show the result now</StrongButton>
          </Actions>
        ) : null}
        <Belief answer={belief} />
      </Stack>
    </OneLine>
  )
}

function Halted({ bench, onVerdict }: { bench: Bench; onVerdict: () => void }) {
  return (
    <Callout $tone="warn" role="alert">
      <Stack $gap="0.8rem">
        <p>
          <b>It does not catch fire.</b> {bench.belief.stop}
        </p>
        <Actions>
          <StrongButton onPress={onVerdict}>Stop and see the result</StrongButton>
          <QuietButton onPress={bench.undo}>Undo the last answer</QuietButton>
        </Actions>
      </Stack>
    </Callout>
  )
}

const USUAL_MARK_MM = 20

/** How long the burn takes along a marked length. */
function BurnTiming({ note, onNote }: { note: SpecimenNote; onNote: (note: SpecimenNote) => void }) {
  const mm = note.burnMm ?? USUAL_MARK_MM
  return (
    <details>
      <summary>Time it along a marked length</summary>
      <Stack $gap="0.6rem">
        <NumberField
          label="Marked length"
          unit="mm"
          value={mm}
          minValue={1}
          maxValue={500}
          onChange={(burnMm) => onNote({ ...note, burnMm: Number.isFinite(burnMm) ? burnMm : null })}
        />
        <Stopwatch
          what="along the mark"
          kept={note.burnSeconds}
          onTimed={(burnSeconds) => onNote({ ...note, burnSeconds, burnMm: mm })}
          means={(seconds) =>
            seconds > 0
              ? `${withDoubt(burnRate(mm, seconds))} mm a second. Weave and weight matter as much as fibre, so ` +
                'compare it only with a sample of the same size.'
              : ''
          }
        />
      </Stack>
    </details>
  )
}
