'use client'

import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import styled from 'styled-components'
import { burnFeatures, featureById } from '@/core/identify/features'
import { identify } from '@/core/identify/identify'
import { fibreListWords } from '@/core/identify/words'
import { observationsFrom, type TestAnswer } from '@/core/notebook/answers'
import { formatPercent } from '@/core/units/format'
import { BurnStrip, STRIP_PLACES } from '@/ui/burn'
import { Button, QuietButton } from '@/ui/controls/buttons'
import { StrongLink } from '@/ui/controls/links'
import { Actions, Columns, Page, Slip, Soft } from '@/ui/controls/surfaces'
import { usePreferences } from '../settings/PreferencesContext'
import { discardTest, saveAnswers } from './actions'
import { Belief } from './Belief'
import { Question } from './Question'
import { SafetyGate } from './SafetyGate'
import { currentSpecimen, describeSeen, nextQuestion, seenIn, withAnswer } from './session'
import { useSafetyRead } from './useSafetyRead'
import { VerdictView } from './VerdictView'

/** The belief in one line, where the picture of it stands below the question. */
const OneLine = styled.p`
  border-left: 5px solid var(--weld);
  padding-left: 0.6rem;
  @media (min-width: 60rem) { display: none; }
`

interface Props {
  testId: number
  initial: TestAnswer[]
  /** The piece that this test belongs to already, if any. */
  piece: { id: number; name: string } | null
}

/** The bench: one burn test from the first flame to the verdict, kept as it goes. */
export function BenchTest({ testId, initial, piece }: Props) {
  const { words } = usePreferences()
  const [safetyRead, markRead] = useSafetyRead()
  const [answers, setAnswers] = useState(initial)
  const [begun, setBegun] = useState(1)
  const [asked, setAsked] = useState<string>()
  const [enough, setEnough] = useState(false)
  const trouble = useKeptAnswers(testId, answers, initial)

  const specimen = currentSpecimen(answers, begun)
  const question = asked ? featureById(asked) : enough ? undefined : nextQuestion(answers, specimen)
  const observations = useMemo(() => observationsFrom(answers), [answers])
  const belief = useMemo(() => identify({ observations }, words), [observations, words])
  const own = answers.filter((answer) => answer.specimen === specimen)

  const give = useCallback((states: string[]) => {
    if (!question) return
    setAnswers((before) => withAnswer(before, { specimen, part: 'whole', feature: question.id, states }))
    setAsked(undefined)
  }, [question, specimen])
  const undo = useCallback(() => {
    if (asked) setAsked(undefined)
    else setAnswers((before) => before.slice(0, -1))
    setEnough(false)
  }, [asked])

  if (safetyRead === undefined) return <Page><p role="status">Laying out the bench…</p></Page>
  if (!safetyRead) return <SafetyGate onRead={markRead} />

  const place = STRIP_PLACES.find(({ features }) => (features as readonly string[]).includes(question?.id ?? ''))
  const count = own.filter(({ feature }) => burnFeatures.some(({ id }) => id === feature)).length
  const strip = <BurnStrip seen={seenIn(own)} describe={(features) => describeSeen(own, features)} here={place?.id} />
  const keep = piece ? <StrongLink href={`/stash/${piece.id}`}>Back to {piece.name}</StrongLink> : <StrongLink href={`/stash/new?test=${testId}`}>Weigh it and keep it</StrongLink>

  return (
    <Page style={{ gap: '1.1rem' }}>
      <div>
        <h1 style={question ? { fontSize: '1.5rem' } : undefined}>{question ? 'At the flame' : 'The verdict'}</h1>
        <Soft>
          Specimen {specimen}{piece ? ` of ${piece.name}` : ''}. {question && !asked ? `Question ${Math.min(count + 1, burnFeatures.length)} of ${burnFeatures.length}. ` : ''}
          Every answer is kept as you give it.
        </Soft>
      </div>
      {trouble ? <Slip $tone="warn" role="alert">{trouble}</Slip> : null}
      {strip}
      {question && observations.length > 0 ? (
        <OneLine>So far: most like {fibreListWords(belief.verdict.leaning, words)}, {formatPercent(belief.verdict.leaningProbability)}.</OneLine>
      ) : null}
      {question ? (
        <Columns $first="1.7fr">
          <div style={{ display: 'grid', gap: '1.25rem', alignContent: 'start', minWidth: 0 }}>
            <Question key={`${question.id}-${specimen}-${answers.length}`} feature={question} canUndo={answers.length > 0 || asked !== undefined} onAnswer={give} onUndo={undo} />
            <Actions>
              {observations.length > 0 ? <QuietButton onPress={() => { setEnough(true); setAsked(undefined) }}>Enough: show the verdict</QuietButton> : null}
            </Actions>
          </div>
          <Belief answer={belief} />
        </Columns>
      ) : (
        <>
          <Actions>
            {keep}
            <Button onPress={() => { setBegun(specimen + 1); setEnough(false) }}>Burn another specimen</Button>
            <Button onPress={undo} isDisabled={answers.length === 0}>Undo the last answer</Button>
            {piece ? null : <QuietButton onPress={() => void discardTest(testId)}>Throw this test away</QuietButton>}
          </Actions>
          <VerdictView answer={belief} observations={observations} onTry={setAsked} />
        </>
      )}
    </Page>
  )
}

const TRY_AGAIN_MS = 3000

/** Keeps the answers in the notebook as they change, the latest always last; says in words where that fails. */
function useKeptAnswers(testId: number, answers: TestAnswer[], initial: TestAnswer[]): string | undefined {
  const [trouble, setTrouble] = useState<string>()
  const [attempt, setAttempt] = useState(0)
  const kept = useRef(initial)
  const queue = useRef(Promise.resolve())
  useEffect(() => {
    if (kept.current === answers) return
    let stale = false
    let timer: ReturnType<typeof setTimeout> | undefined
    queue.current = queue.current.then(async () => {
      if (stale) return
      try {
        const found = await saveAnswers(testId, answers)
        kept.current = answers
        setTrouble(found ? undefined : 'This test was thrown away elsewhere: what you answer now is not kept.')
      } catch {
        setTrouble('The last answers could not be kept. They are still here, and it is tried again.')
        timer = setTimeout(() => setAttempt((before) => before + 1), TRY_AGAIN_MS)
      }
    })
    return () => {
      stale = true
      clearTimeout(timer)
    }
  }, [testId, answers, attempt])
  return trouble
}
