'use client'

import { useCallback, useMemo, useState } from 'react'
import { inspectionById } from '@/core/cloths/inspection'
import { type NameAnswer } from '@/core/cloths/name'
import { ofKind } from '@/core/notebook/measurements/kept'
import { type FibreId } from '@/core/vocabulary/fibres'
import { type InspectionId } from '@/core/vocabulary/inspection'
import { useLoaded } from '@/ui/kit/useLoaded'
import { useReadings } from '../../shared/readings/useReadings'
import { usePreferences } from '../../shared/settings/PreferencesContext'
import { type OnTheBench } from '../measure/load'
import { descriptionOf, knownOf } from './description'

// It knows every cloth: the page is there before it.
const theJudge = () => import('@/core/cloths/name')

/** Answers in one order, so that two sets of them can be compared. */
const sorted = (answers: object) =>
  JSON.stringify(
    Object.entries(answers)
      .filter(([, states]) => states !== undefined)
      .sort(([a], [b]) => a.localeCompare(b)),
  )

/**
 * Looking at a cloth until it has a name: what was seen, what is known beside it, the names that follow from both, and
 * what to look at next.
 * @param first what is known of the piece came to this when the page was made
 */
export function useInspection(piece: OnTheBench | null, first: NameAnswer) {
  const { words } = usePreferences()
  const readings = useReadings(piece, piece?.measurements ?? [])
  const kept = ofKind(readings.all, 'inspection').at(-1)
  const [before] = useState(() => knownOf(piece, kept?.data.answers))
  const [answers, setAnswers] = useState(before.answers)
  const [asked, setAsked] = useState<InspectionId>()
  const [gsm, setGsm] = useState(before.gsm)
  const [stretch, setStretch] = useState<number>()
  const [fibre, setFibre] = useState<FibreId | ''>('')

  const judge = useLoaded(theJudge)
  const description = useMemo(() => descriptionOf(answers, { gsm, stretch, fibre }), [answers, gsm, stretch, fibre])
  const answer = useMemo(() => judge?.nameCloth(description, words) ?? first, [judge, first, description, words])
  const seen = description.inspection ?? {}
  const done = new Set(answers.map(([id]) => id))
  // How it is made comes first: half of the other questions hang on it.
  const next =
    asked ??
    (done.has('construction') ? answer.next.find(({ feature }) => !done.has(feature))?.feature : 'construction')

  const give = useCallback(
    (states: string[]) => {
      if (!next) return
      setAnswers((given) => [...given.filter(([id]) => id !== next), [next, states]])
      setAsked(undefined)
    },
    [next],
  )
  const undo = useCallback(() => {
    if (asked) setAsked(undefined)
    else setAnswers((given) => given.slice(0, -1))
  }, [asked])

  return {
    answer,
    answers,
    feature: next && inspectionById(next),
    done,
    give,
    undo,
    ask: setAsked,
    beginAgain() {
      setAnswers([])
      setAsked(undefined)
    },
    known: { gsm, setGsm, stretch, setStretch, fibre, setFibre },
    isNothingKnown:
      answers.every(([, states]) => states.length === 0) &&
      gsm === undefined &&
      stretch === undefined &&
      fibre === '',
    isNothingSeen: Object.keys(seen).length === 0,
    keep: () =>
      readings.add({
        kind: 'inspection',
        answers: Object.fromEntries(Object.entries(seen).map(([id, states]) => [id, [...states]])),
      }),
    /** What was seen is what the piece keeps already. */
    isKept: kept !== undefined && sorted(kept.data.answers) === sorted(seen),
    saving: readings.saving,
    trouble: readings.trouble,
  }
}

export type Inspection = ReturnType<typeof useInspection>
