'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { type BoxPiece } from '@/core/identify/controls'
import { burnFeatures } from '@/core/identify/features'
import { burnRate, catchState } from '@/core/identify/stopwatch'
import { PARTS, type Part } from '@/core/vocabulary/observations'
import { fibreListWords } from '@/core/identify/words'
import { formatPercent, withDoubt } from '@/core/units/format'
import { BurnStrip, PLAIN_YARN, STRIP_PLACES, type Yarn } from '@/ui/burn'
import { Button, QuietButton } from '@/ui/controls/buttons'
import { NumberField } from '@/ui/controls/fields'
import { ButtonLink, StrongLink } from '@/ui/controls/links'
import { Actions, Columns, Page, Slip, Soft } from '@/ui/controls/surfaces'
import { usePreferences } from '../settings/PreferencesContext'
import { discardTest } from './actions'
import { Belief } from './Belief'
import { ClashSlip } from './ClashSlip'
import { LayOut } from './LayOut'
import { Question } from '../question/Question'
import { SafetyGate } from './SafetyGate'
import { describeSeen, nextQuestion, PART_WORDS, seenIn, statesWords } from './session'
import { Stopwatch } from './Stopwatch'
import { Strips } from './Strips'
import { useBench, type BenchStart } from './useBench'
import { useSafetyRead } from './useSafetyRead'
import { VerdictView } from './verdict/VerdictView'

/** The belief in one line, where the picture of it stands below the question. */
const OneLine = styled.p`
  border-left: 5px solid var(--weld);
  padding-left: 0.6rem;
  @media (min-width: 60rem) {
    display: none;
  }
`

interface Props extends BenchStart {
  /** What this test is of, and the way back to it; null for a cloth that is not kept yet. */
  of: { name: string; href: string; yarn?: Yarn } | null
  /** Which known pieces there are. */
  box: BoxPiece[]
}

/** The bench: one test from the first look to the verdict, kept as it goes. */
export function BenchTest({ of, box, ...start }: Props) {
  const { words } = usePreferences()
  const [safetyRead, markRead] = useSafetyRead()
  const bench = useBench(start, of !== null)
  const { answers, belief, specimen, part, own, feature, note, phase } = bench
  const { testId } = start
  const yarn = of?.yarn ?? PLAIN_YARN

  if (safetyRead === undefined)
    return (
      <Page>
        <p role="status">Laying out the bench…</p>
      </Page>
    )
  if (!safetyRead) return <SafetyGate onRead={markRead} />
  if (phase === 'laid-out') {
    return (
      <LayOut
        title={of ? `A specimen of ${of.name}` : 'A specimen of something unknown'}
        setup={bench.setup}
        part={part}
        belief={belief}
        box={box}
        onSetup={bench.changeSetup}
        onPart={bench.setPart}
        onFlame={() => bench.setPhase('flame')}
        onLook={() => bench.setPhase('look')}
      />
    )
  }

  const place = STRIP_PLACES.find(({ features }) => (features as readonly string[]).includes(feature?.id ?? ''))
  const count = own.filter((answer) => burnFeatures.some(({ id }) => id === answer.feature)).length
  const seenAny = bench.question.observations.length > 0
  const reason =
    phase === 'look' && !bench.asked ? belief.next.find((one) => one.feature === feature?.id)?.text : undefined
  const keep = of ? (
    <StrongLink href={of.href}>Back to {of.name}</StrongLink>
  ) : (
    <StrongLink href={`/stash/new?test=${testId}`}>Weigh it and keep it</StrongLink>
  )

  return (
    <Page style={{ gap: '1.1rem' }}>
      <div>
        <h1 style={feature ? { fontSize: '1.5rem' } : undefined}>
          {feature ? (feature.kind === 'burn' ? 'At the flame' : 'At the table') : 'The verdict'}
        </h1>
        <Soft>
          Specimen {specimen}, {PART_WORDS[part]}
          {of ? ` of ${of.name}` : ''}.{' '}
          {phase === 'flame' && feature && !bench.asked
            ? `Question ${Math.min(count + 1, burnFeatures.length)} of ${burnFeatures.length}. `
            : ''}
          Every answer is kept as you give it.
        </Soft>
      </div>
      {bench.trouble ? (
        <Slip $tone="warn" role="alert">
          {bench.trouble}
        </Slip>
      ) : null}
      {bench.clash ? <ClashSlip clash={bench.clash} /> : null}
      {feature ? (
        <BurnStrip
          seen={seenIn(own)}
          describe={(features) => describeSeen(own, features)}
          here={place?.id}
          yarn={yarn}
        />
      ) : (
        <Strips answers={answers} notes={bench.notes} yarn={yarn} />
      )}
      {feature && seenAny ? (
        <OneLine>
          So far: most like {fibreListWords(belief.verdict.leaning, words)},{' '}
          {formatPercent(belief.verdict.leaningProbability)}.
        </OneLine>
      ) : null}
      {feature ? (
        <Columns $first="1.7fr">
          <div style={{ display: 'grid', gap: '1.25rem', alignContent: 'start', minWidth: 0 }}>
            {reason ? (
              <Slip>
                <b>Why this next:</b> {reason}
              </Slip>
            ) : null}
            <Question
              key={`${feature.id}-${specimen}-${answers.length}`}
              feature={feature}
              yarn={of?.yarn}
              canUndo={answers.length > 0 || bench.asked !== undefined}
              onAnswer={bench.give}
              onUndo={bench.undo}
            >
              {feature.id === 'ignition' ? (
                <Stopwatch
                  what="until it catches"
                  kept={note.catchSeconds}
                  onTimed={(catchSeconds) => bench.keepNote({ ...note, catchSeconds })}
                  means={(seconds) => `That is called “${statesWords('ignition', [catchState(seconds)])}”.`}
                />
              ) : null}
              {feature.id === 'after-removal' ? <BurnTiming note={note} onNote={bench.keepNote} /> : null}
            </Question>
            <Actions>
              {seenAny ? (
                <QuietButton
                  onPress={() => {
                    bench.setPhase('judged')
                    bench.ask(undefined)
                  }}
                >
                  Enough: show the verdict
                </QuietButton>
              ) : null}
            </Actions>
          </div>
          <Belief answer={belief} />
        </Columns>
      ) : (
        <>
          <Actions>
            {keep}
            {nextQuestion(answers, specimen) && bench.setup.atHand.includes('flame') ? (
              <Button onPress={() => bench.setPhase('flame')}>
                {count === 0 ? 'Now to the flame' : 'Go on at the flame'}
              </Button>
            ) : null}
            <ButtonLink href={`/bench/${testId}/log`}>The log: correct, compare, print</ButtonLink>
            <Button onPress={bench.undo} isDisabled={answers.length === 0}>
              Undo the last answer
            </Button>
            {of ? null : <QuietButton onPress={() => void discardTest(testId)}>Throw this test away</QuietButton>}
          </Actions>
          <Another onAnother={bench.another} />
          <VerdictView
            testId={testId}
            question={bench.question}
            setup={bench.setup}
            answer={belief}
            onSetup={bench.changeSetup}
            onTry={bench.ask}
          />
        </>
      )}
    </Page>
  )
}

/** The next specimen, of which part. */
function Another({ onAnother }: { onAnother: (part: Part) => void }) {
  return (
    <div
      role="group"
      aria-labelledby="another"
      style={{ display: 'flex', flexWrap: 'wrap', gap: '0.6rem', alignItems: 'center' }}
    >
      <span id="another">Burn another specimen, from</span>
      {PARTS.map((part) => (
        <Button key={part} onPress={() => onAnother(part)}>
          {PART_WORDS[part]}
        </Button>
      ))}
      <Link href="/bench/tests">All tests without a flame</Link>
    </div>
  )
}

const USUAL_MARK_MM = 20

/** How long the burn takes along a marked length. */
function BurnTiming({
  note,
  onNote,
}: {
  note: BenchStart['notes'][number]
  onNote: (note: BenchStart['notes'][number]) => void
}) {
  const mm = note.burnMm ?? USUAL_MARK_MM
  return (
    <details>
      <summary>Time it along a marked length</summary>
      <div style={{ display: 'grid', gap: '0.6rem', paddingTop: '0.6rem' }}>
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
              ? `${withDoubt(burnRate(mm, seconds))} mm a second; weave and weight count as much as fibre, ` +
                'so compare it only with a specimen cut alike.'
              : ''
          }
        />
      </div>
    </details>
  )
}
