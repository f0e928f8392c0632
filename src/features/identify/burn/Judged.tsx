'use client'

import Link from 'next/link'
import styled from 'styled-components'
import { burnFeatures } from '@/core/identify/features'
import { PARTS, type Part } from '@/core/vocabulary/observations'
import { PLAIN_YARN } from '@/ui/burn'
import { Button, QuietButton } from '@/ui/kit/buttons'
import { StrongLink } from '@/ui/kit/links'
import { Actions, Paper, Soft } from '@/ui/kit/surfaces'
import { Trouble } from '@/ui/kit/Trouble'
import { useAsyncAction } from '@/ui/kit/useAsyncAction'
import { nextQuestion, PART_WORDS } from '../../shared/burn/session'
import { Strips } from '../../shared/burn/Strips'
import { discardTest } from './actions'
import { type TestSubject } from './testSubject'
import { KeptMark } from './KeptMark'
import { type Bench } from './useBench'
import { VerdictView } from './verdict/VerdictView'

interface Props {
  bench: Bench
  testId: string
  of: TestSubject | null
}

/** The verdict first, then what to do with it; the strips and the rest below. */
export function JudgedBurn({ bench, testId, of }: Props) {
  const { busy, trouble, doing } = useAsyncAction()
  const { answers, notes, specimen, part } = bench
  const isFlameLeft = nextQuestion(answers, specimen) && bench.setup.atHand.includes('flame')
  const isBegun = bench.own.some((answer) => burnFeatures.some(({ id }) => id === answer.feature))
  return (
    <>
      <div>
        <h1>Result</h1>
        <Soft>
          Sample {specimen}, {PART_WORDS[part]}
          {of ? ` of ${of.name}` : ''}. <KeptMark keeping={bench.keeping} allKept={bench.allKept} />
        </Soft>
      </div>
      <VerdictView
        testId={testId}
        question={bench.question}
        setup={bench.setup}
        answer={bench.belief}
        onSetup={bench.changeSetup}
        onTry={bench.ask}
        action={
          of ? (
            <StrongLink href={of.href}>Back to {of.name}</StrongLink>
          ) : (
            <StrongLink href={`/stash/add?test=${testId}`}>Save to stash</StrongLink>
          )
        }
      />
      <Paper aria-labelledby="seen">
        <h2 id="seen">Your answers</h2>
        <Strips answers={answers} notes={notes} yarn={of?.yarn ?? PLAIN_YARN} />
        <Actions>
          {isFlameLeft ? (
            <Button onPress={() => bench.finish(false)}>
              {isBegun ? 'Continue with the flame' : 'Start with the flame'}
            </Button>
          ) : null}
          <Link href={`/identify/burn/${testId}/log`}>Burn log: correct, compare, print</Link>
          <QuietButton onPress={bench.undo} isDisabled={answers.length === 0}>
            Undo the last answer
          </QuietButton>
          {of ? null : (
            <QuietButton isDisabled={busy} onPress={() => doing(() => discardTest(testId))}>
              Delete this test
            </QuietButton>
          )}
        </Actions>
        <Trouble>{trouble}</Trouble>
        <Another onAnother={bench.another} />
      </Paper>
    </>
  )
}

const Choices = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
`

/** The next specimen, of which part. */
function Another({ onAnother }: { onAnother: (part: Part) => void }) {
  return (
    <Choices role="group" aria-labelledby="another">
      <span id="another">Burn another sample from</span>
      {PARTS.map((part) => (
        <QuietButton key={part} onPress={() => onAnother(part)}>
          {PART_WORDS[part]}
        </QuietButton>
      ))}
      <Link href="/identify/tests">All tests without a flame</Link>
    </Choices>
  )
}
