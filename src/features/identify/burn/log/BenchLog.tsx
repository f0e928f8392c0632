'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import styled from 'styled-components'
import { type Verdict } from '@/core/identify/types'
import { type TestAnswer } from '@/core/notebook/answers'
import { type SpecimenNote } from '@/core/notebook/kinds/burnTest'
import { type DrawnYarn } from '@/ui/burn'
import { ButtonLink, StrongLink } from '@/ui/kit/links'
import { Actions, Page, Paper, Callout, Soft } from '@/ui/kit/surfaces'
import { useLoaded } from '@/ui/kit/useLoaded'
import { usePreferences } from '../../../shared/settings/PreferencesContext'
import { ClashSlip } from '../ClashSlip'
import { KeptMark } from '../KeptMark'
import { emptyNote, partOf, sessionSpecimensOf, withAnswer, withNote, withPart } from '../../../shared/burn/session'
import { type BenchBeginning } from '../useBench'
import { useAutosave } from '../keeping/useAutosave'
import { verdictTitle } from '../../../shared/burn/title'
import { type Comparable } from './Compare'
import { LogTable } from './LogTable'
import { SpecimenNotes } from './SpecimenNotes'
import { Say } from '@/ui/text/Say'

// It knows how every fibre burns: the page is there before it.
const theJudge = () => import('./verdictOf')

// Fetched when an answer is to be changed.
const Correcting = dynamic(() => import('./Correcting').then(({ Correcting: part }) => part))

// It stands below, with its strips.
const Compare = dynamic(() => import('./Compare').then(({ CompareBurns: part }) => part))

const Notes = styled.div`
  display: grid;
  gap: 1.5rem;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 19rem), 1fr));
`

interface Props extends BenchBeginning {
  name: string
  yarn?: DrawnYarn
  /** What the answers came to when the page was made. */
  first: Verdict
  /** Burns of known pieces, to lay beside the specimens. */
  known: Comparable[]
}

/**
 * The log of one test: every answer with its time, to correct, compare and print. The verdict follows each
 * correction.
 */
export function BenchLog({ testId, name, yarn, first, known, ...start }: Props) {
  const { words } = usePreferences()
  const [answers, setAnswers] = useState(start.answers)
  const [notes, setNotes] = useState(start.notes)
  const { trouble, clash, keeping, allKept } = useAutosave(
    { id: testId, revision: start.revision },
    { answers, setup: start.setup, specimens: notes },
    (merged) => {
      setAnswers(merged.answers)
      setNotes(merged.specimens)
    },
  )
  const judge = useLoaded(theJudge)
  const verdict = useMemo(
    () => judge?.logVerdictOf(answers, start.setup, start.controls, words) ?? first,
    [judge, first, answers, start.setup, start.controls, words],
  )
  const specimens = sessionSpecimensOf(answers, notes)
  const noteOf = (specimen: number) =>
    notes.find((note) => note.specimen === specimen) ?? emptyNote(specimen, partOf(specimen, notes, answers))
  const keepNote = (note: SpecimenNote) => {
    setNotes((before) => withNote(before, note))
    setAnswers((before) =>
      before.some(({ specimen, part }) => specimen === note.specimen && part !== note.part)
        ? withPart(before, note.specimen, note.part)
        : before,
    )
  }
  return (
    <Page>
      <div>
        <Link href={`/identify/burn/${testId}`}>Back to the burn test</Link>
        <h1>Burn log: {name}</h1>
        <Soft>
          <KeptMark keeping={keeping} allKept={allKept} />
        </Soft>
      </div>
      {trouble ? (
        <Callout $tone="warn" role="alert">
          {trouble}
        </Callout>
      ) : null}
      {clash ? <ClashSlip clash={clash} /> : null}
      <Callout role="status">
        <b>{verdictTitle({ verdict }, words)}.</b> <Say>{verdict.text}</Say>
      </Callout>
      <Actions>
        <StrongLink href={`/identify/burn/${testId}/sheet`}>Print this log</StrongLink>
        <ButtonLink href="/identify/blank-log">Blank log to fill in by hand</ButtonLink>
      </Actions>
      <Seen
        answers={answers}
        specimens={specimens}
        yarn={yarn}
        onCorrect={({ feature, specimen }, states) => {
          const { part } = noteOf(specimen)
          const at = new Date().toISOString()
          setAnswers((before) => withAnswer(before, { specimen, part, feature, states, at }))
        }}
      />
      <Compare choices={[...specimens.map((specimen) => ownOf(specimen, answers, yarn)), ...known]} />
      <Paper aria-labelledby="notes">
        <h2 id="notes">Notes, times and photos</h2>
        <Notes>
          {specimens.map((specimen) => (
            <SpecimenNotes key={specimen} testId={testId} note={noteOf(specimen)} onChange={keepNote} />
          ))}
        </Notes>
      </Paper>
    </Page>
  )
}

/** A specimen of this test, to lay beside others. */
function ownOf(specimen: number, answers: readonly TestAnswer[], yarn?: DrawnYarn): Comparable {
  return {
    id: `own ${specimen}`,
    label: `Sample ${specimen}`,
    answers: answers.filter((answer) => answer.specimen === specimen),
    yarn,
  }
}

interface AnswerPlace {
  feature: string
  specimen: number
}

interface SeenProps {
  answers: TestAnswer[]
  specimens: number[]
  yarn?: DrawnYarn
  onCorrect: (place: AnswerPlace, states: string[]) => void
}

/** Every answer, and the one that is being changed. */
function Seen({ answers, specimens, yarn, onCorrect }: SeenProps) {
  const [correcting, setCorrecting] = useState<AnswerPlace>()
  return (
    <Paper aria-labelledby="answers">
      <h2 id="answers">Your answers</h2>
      <Soft>Select an answer to change it: the result updates.</Soft>
      {specimens.length === 0 ? (
        <Callout>No answers yet.</Callout>
      ) : (
        <LogTable
          answers={answers}
          specimens={specimens}
          onCorrect={(feature, specimen) => setCorrecting({ feature, specimen })}
        />
      )}
      {correcting ? (
        <Correcting
          key={`${correcting.feature} ${correcting.specimen}`}
          {...correcting}
          yarn={yarn}
          onLeave={() => setCorrecting(undefined)}
          onAnswer={(states) => {
            onCorrect(correcting, states)
            setCorrecting(undefined)
          }}
        />
      ) : null}
    </Paper>
  )
}
