import { burnFeatures, featureById, stateLabel, type Feature } from '@/core/identify/features'
import { yearsCrossed } from '@/core/identify/history/years'
import { type Part } from '@/core/vocabulary/observations'
import { type TestAnswer } from '@/core/notebook/answers'
import { type SpecimenNote, type TestSetup } from '@/core/notebook/kinds/burnTest'
import { claimTotal } from '../../../core/identify/claimTotal'

/** Which specimen is being burnt: the highest that has an answer or a note, or the one begun since. */
export function currentSpecimen(answers: readonly TestAnswer[], begun: number): number {
  return Math.max(begun, 1, ...answers.map(({ specimen }) => specimen))
}

/** Which part of the cloth a specimen is of. */
export function partOf(
  specimen: number,
  notes: readonly Pick<SpecimenNote, 'specimen' | 'part'>[],
  answers: readonly TestAnswer[],
): Part {
  return (
    notes.find((note) => note.specimen === specimen)?.part ??
    answers.find((answer) => answer.specimen === specimen)?.part ??
    'whole'
  )
}

/** The next question of the burn for a specimen, in the order of the flame; undefined when all have been asked. */
export function nextQuestion(answers: readonly TestAnswer[], specimen: number): Feature | undefined {
  const asked = new Set(answers.filter((answer) => answer.specimen === specimen).map(({ feature }) => feature))
  return burnFeatures.find(({ id }) => !asked.has(id))
}

/** A burn that somebody left: the question that it goes on with, counted from 1, of how many. */
export interface UnfinishedBurn {
  question: number
  of: number
}

/**
 * Where a burn goes on that was left before its last question. Undefined for one that has not begun, that is
 * finished, or whose result was asked for early.
 */
export function unfinishedBurn({
  answers,
  setup,
}: {
  answers: readonly TestAnswer[]
  setup: Pick<TestSetup, 'finished'>
}): UnfinishedBurn | undefined {
  const specimen = currentSpecimen(answers, 1)
  const asked = new Set(answers.filter((answer) => answer.specimen === specimen).map(({ feature }) => feature))
  const done = burnFeatures.filter(({ id }) => asked.has(id)).length
  if (setup.finished || done === 0 || done === burnFeatures.length) return undefined
  return { question: done + 1, of: burnFeatures.length }
}

/** What leads back to it: `Burn test: continue at question 8`. */
export function continueWords({ question }: UnfinishedBurn): string {
  return `Burn test: continue at question ${question}`
}

/**
 * The answers with one more, the latest always last; an earlier answer to the same question on the same specimen
 * gives way to it.
 */
export function withAnswer(answers: readonly TestAnswer[], added: TestAnswer): TestAnswer[] {
  return [
    ...answers.filter(
      ({ specimen, part, feature }) =>
        !(specimen === added.specimen && part === added.part && feature === added.feature),
    ),
    added,
  ]
}

/** The answers with a specimen said to be of another part. */
export function withPart(answers: readonly TestAnswer[], specimen: number, part: Part): TestAnswer[] {
  return answers.map((answer) => (answer.specimen === specimen ? { ...answer, part } : answer))
}

/** The notes with one more, in the place of what was noted of that specimen before. */
export function withNote(notes: readonly SpecimenNote[], changed: SpecimenNote): SpecimenNote[] {
  return [...notes.filter(({ specimen }) => specimen !== changed.specimen), changed]
}

/** For drawing: the latest sight of each feature. */
export function seenIn(answers: readonly TestAnswer[]): Record<string, readonly string[]> {
  return Object.fromEntries(
    answers.filter(({ states }) => states.length > 0).map(({ feature, states }) => [feature, states]),
  )
}

/** Some features in words: `Smell: burnt paper. Smoke: not seen.` */
export function describeSeen(answers: readonly TestAnswer[], features: readonly string[]): string {
  const seen = seenIn(answers)
  const parts = features.map((id) => `${featureById(id).title}: ${seen[id] ? statesWords(id, seen[id]) : 'not sure'}`)
  return parts.join('. ')
}

/** What was answered, as it stands in a sentence: `burnt paper and vinegar`. */
export function statesWords(feature: string, states: readonly string[]): string {
  return states.map((state) => stateLabel(feature, state).toLowerCase()).join(' and ')
}

/** Which specimens a test has, by answers and notes. */
export function sessionSpecimensOf(answers: readonly TestAnswer[], notes: readonly SpecimenNote[]): number[] {
  return [...new Set([...answers, ...notes].map(({ specimen }) => specimen))].sort((a, b) => a - b)
}

export const PART_WORDS: Record<Part, string> = {
  whole: 'the whole fabric',
  warp: 'warp yarns',
  weft: 'weft yarns',
  pile: 'the pile',
}

/** Whether a set-up can be kept: shares that a label could have, years in their order. */
export function setupUsable({ claim, history }: TestSetup): boolean {
  const eachOnce = new Set(claim.map(({ fibre }) => fibre)).size === claim.length
  return (
    claim.every(({ percent }) => percent > 0) &&
    !claimTotal(claim).tooMuch &&
    eachOnce &&
    !yearsCrossed(history.made ?? {})
  )
}

/** A specimen with nothing noted of it yet. */
export function emptyNote(specimen: number, part: Part): SpecimenNote {
  return { specimen, part, note: '', catchSeconds: null, burnSeconds: null, burnMm: null, picture: null }
}
