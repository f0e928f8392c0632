'use client'

import { useCallback, useMemo, useState } from 'react'
import { featureById, type Feature } from '@/core/identify/features'
import { identify } from '@/core/identify/identify'
import { type ControlBurn } from '@/core/identify/observerCalibration'
import { type Part } from '@/core/vocabulary/observations'
import { questionOf, type TestAnswer } from '@/core/notebook/answers'
import { type SpecimenNote, type TestSetup } from '@/core/notebook/kinds/burnTest'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import {
  currentSpecimen,
  emptyNote,
  nextQuestion,
  partOf,
  setupUsable,
  unfinishedBurn,
  withAnswer,
  withNote,
  withPart,
} from '../../shared/burn/session'
import { useAutosave } from './keeping/useAutosave'

/**
 * Where a test stands: laid out, at the flame in its order, at the table without a flame by what tells most, or
 * judged.
 */
export type Phase = 'laid-out' | 'flame' | 'look' | 'judged'

export interface BenchBeginning {
  testId: string
  revision: number
  answers: TestAnswer[]
  setup: TestSetup
  notes: SpecimenNote[]
  /** How this person reports known pieces. */
  controls: ControlBurn[]
}

/** A burn that was left goes on where it was; any other test with answers opens at its verdict. */
function firstPhase({ answers, setup }: BenchBeginning): Phase {
  if (answers.length === 0) return 'laid-out'
  return unfinishedBurn({ answers, setup }) ? 'flame' : 'judged'
}

/** The set-up as it stands in its fields, and the last of it that can be saved. */
function useSetup(first: TestSetup) {
  const [draft, setDraft] = useState(first)
  const [setup, setSetup] = useState(first)
  const takeSetup = (next: TestSetup) => {
    setDraft(next)
    setSetup(next)
  }
  const changeSetup = (next: TestSetup) => {
    setDraft(next)
    if (setupUsable(next)) setSetup(next)
  }
  /** Remembers whether the result was asked for before the last question. */
  const rememberFinished = useCallback((finished: boolean) => {
    const marked = (before: TestSetup) =>
      (before.finished ?? false) === finished ? before : { ...before, finished: finished || undefined }
    setDraft(marked)
    setSetup(marked)
  }, [])
  return { draft, setup, takeSetup, changeSetup, rememberFinished }
}

/** The state of one test at the bench, kept in the notebook as it goes. */
export function useBench(start: BenchBeginning) {
  const { words } = usePreferences()
  const [answers, setAnswers] = useState(start.answers)
  const { setup, draft, changeSetup, rememberFinished, takeSetup } = useSetup(start.setup)
  const [notes, setNotes] = useState(start.notes)
  const [begun, setBegun] = useState(1)
  const [asked, setAsked] = useState<string>()
  const [phase, setPhase] = useState<Phase>(() => firstPhase(start))

  const writing = useAutosave(
    { id: start.testId, revision: start.revision },
    { answers, setup, specimens: notes },
    (merged) => {
      setAnswers(merged.answers)
      takeSetup(merged.setup)
      setNotes(merged.specimens)
    },
  )

  const specimen = currentSpecimen(answers, begun)
  const part = partOf(specimen, notes, answers)
  const question = useMemo(() => questionOf(answers, setup, start.controls), [answers, setup, start.controls])
  const belief = useMemo(() => identify(question, words), [question, words])
  const own = answers.filter((answer) => answer.specimen === specimen)
  const feature = featureAsked(phase, asked, answers, specimen, own, belief.next)

  const give = useCallback(
    (states: string[]) => {
      if (!feature) return
      setAnswers((before) =>
        withAnswer(before, { specimen, part, feature: feature.id, states, at: new Date().toISOString() }),
      )
      setAsked(undefined)
    },
    [feature, specimen, part],
  )
  const undo = useCallback(() => {
    if (asked) setAsked(undefined)
    else setAnswers((before) => before.slice(0, -1))
    setPhase((before) => (before === 'judged' ? 'flame' : before))
    rememberFinished(false)
  }, [asked, rememberFinished])

  /** Shows the result, or goes on with the flame; a test is found again as it was left. */
  const finish = (finished: boolean) => {
    setAsked(undefined)
    setPhase(finished ? 'judged' : 'flame')
    rememberFinished(finished)
  }

  const note = notes.find((one) => one.specimen === specimen) ?? emptyNote(specimen, part)
  const keepNote = (changed: SpecimenNote) => setNotes((before) => withNote(before, changed))

  return {
    answers,
    notes,
    setup: draft,
    question,
    belief,
    specimen,
    part,
    own,
    feature,
    note,
    phase,
    asked,
    ...writing,
    give,
    undo,
    setPhase,
    keepNote,
    ask: setAsked,
    changeSetup,
    finish,
    /** Says which part the present specimen is of. */
    setPart(next: Part) {
      keepNote({ ...note, part: next })
      setAnswers((before) =>
        before.some((answer) => answer.specimen === specimen) ? withPart(before, specimen, next) : before,
      )
    },
    /** Begins another specimen, of that part. */
    another(next: Part) {
      setBegun(specimen + 1)
      keepNote(emptyNote(specimen + 1, next))
      finish(false)
    },
  }
}

/** The question that stands: one that was asked for, the next of the flame, or the one that tells most. */
function featureAsked(
  phase: Phase,
  asked: string | undefined,
  answers: TestAnswer[],
  specimen: number,
  own: TestAnswer[],
  next: readonly { feature: string; hazard: string }[],
): Feature | undefined {
  if (asked) return featureById(asked)
  if (phase === 'flame') return nextQuestion(answers, specimen)
  if (phase !== 'look') return undefined
  // What went by unseen is not asked again at once.
  const best = next.find(
    ({ feature, hazard }) => hazard !== 'flame' && !own.some((answer) => answer.feature === feature),
  )
  return best && featureById(best.feature)
}

export type Bench = ReturnType<typeof useBench>
