'use client'

import styled from 'styled-components'
import { burnFeatures, type Feature } from '@/core/identify/features'
import { burnRate, catchState } from '@/core/identify/stopwatch'
import { fibreListWords } from '@/core/identify/words'
import { type SpecimenNote } from '@/core/notebook/kinds/burnTest'
import { formatPercent, withDoubt } from '@/core/units/format'
import { BurnStrip, PLAIN_YARN, STRIP_PLACES } from '@/ui/burn'
import { QuietButton, StrongButton } from '@/ui/kit/buttons'
import { NumberField } from '@/ui/kit/NumberField'
import { Actions, Columns, Callout, Soft, Stack } from '@/ui/kit/surfaces'
import { Belief } from '../../shared/burn/Belief'
import { describeSeen, PART_WORDS, seenIn, statesWords } from '../../shared/burn/session'
import { FirstAid } from '../../shared/safety/SafetyText'
import { Question } from '../../shared/question/Question'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type TestSubject } from './testSubject'
import { KeptMark } from './KeptMark'
import { Stopwatch } from './Stopwatch'
import { type Bench } from './useBench'
import { Say } from '@/ui/text/Say'

/** The belief in one line, where the picture of it stands below the question. */
const OneLine = styled.p`
  border-left: 5px solid var(--weld);
  padding-left: 0.6rem;
  @media (min-width: 60rem) {
    display: none;
  }
`
const Title = styled.h1`
  font-size: 1.5rem;
`

interface Props {
  bench: Bench
  feature: Feature
  of: TestSubject | null
}

/** One question, under its place on the strip, with the belief beside it. */
export function AtTheBench({ bench, feature, of }: Props) {
  const { words } = usePreferences()
  const { answers, belief, own, note } = bench
  const { features: placed = [], id: here } =
    STRIP_PLACES.find(({ features }) => (features as readonly string[]).includes(feature.id)) ?? {}
  const seenAny = bench.question.observations.length > 0
  const isAdvised = bench.phase === 'look' && !bench.asked
  const reason = isAdvised ? belief.next.find((one) => one.feature === feature.id)?.text : undefined
  // Cloth that would not light is left alone: nothing more is asked of it.
  const isHalted = belief.warnings.some(({ id }) => id === 'may-be-asbestos')
  const enough = () => {
    bench.setPhase('judged')
    bench.ask(undefined)
  }
  return (
    <>
      <Heading bench={bench} feature={feature} of={of} />
      <BurnStrip
        seen={seenIn(own)}
        describe={(features) => describeSeen(own, features)}
        here={placed.length > 0 ? here : undefined}
        yarn={of?.yarn ?? PLAIN_YARN}
      />
      {seenAny ? (
        <OneLine>
          Looks most like {fibreListWords(belief.verdict.leaning, words)},{' '}
          {formatPercent(belief.verdict.leaningProbability)}.
        </OneLine>
      ) : null}
      <Columns $first="1.7fr">
        <Stack $gap="1.25rem">
          {reason ? (
            <Callout>
              <b>Why this question:</b> <Say>{reason}</Say>
            </Callout>
          ) : null}
          {isHalted ? (
            <Halted bench={bench} onVerdict={enough} />
          ) : (
            <Question
              key={`${feature.id}-${bench.specimen}-${answers.length}`}
              feature={feature}
              yarn={of?.yarn}
              canUndo={answers.length > 0 || bench.asked !== undefined}
              onAnswer={bench.give}
              onUndo={bench.undo}
            >
              {feature.id === 'ignition' ? (
                <Stopwatch
                  what="until it catches fire"
                  kept={note.catchSeconds}
                  onTimed={(catchSeconds) => bench.keepNote({ ...note, catchSeconds })}
                  means={(seconds) => `That is called “${statesWords('ignition', [catchState(seconds)])}”.`}
                />
              ) : null}
              {feature.id === 'after-removal' ? <BurnTiming note={note} onNote={bench.keepNote} /> : null}
            </Question>
          )}
          <Actions>
            {seenAny && !isHalted ? <QuietButton onPress={enough}>Show the result now</QuietButton> : null}
          </Actions>
          <details>
            <summary>First aid</summary>
            <FirstAid />
          </details>
        </Stack>
        <Belief answer={belief} />
      </Columns>
    </>
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

function Heading({ bench, feature, of }: Props) {
  const count = bench.own.filter((answer) => burnFeatures.some(({ id }) => id === answer.feature)).length
  const isInOrder = bench.phase === 'flame' && !bench.asked
  return (
    <div>
      <Title>{feature.kind === 'burn' ? 'With a flame' : 'Without a flame'}</Title>
      <Soft>
        Sample {bench.specimen}, {PART_WORDS[bench.part]}
        {of ? ` of ${of.name}` : ''}.{' '}
        {isInOrder ? `Question ${Math.min(count + 1, burnFeatures.length)} of ${burnFeatures.length}. ` : ''}
        <KeptMark keeping={bench.keeping} allKept={bench.allKept} />
      </Soft>
    </div>
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
