import { burnFeatures, featureById, stateLabel, type Feature } from '@/core/identify/features'
import { type TestAnswer } from '@/core/notebook/answers'

/** Which specimen is being burnt: the highest that has an answer, or the one begun since. */
export function currentSpecimen(answers: readonly TestAnswer[], begun: number): number {
  return Math.max(begun, 1, ...answers.map(({ specimen }) => specimen))
}

/** The next question of the burn for a specimen, in the order of the flame; undefined when all have been asked. */
export function nextQuestion(answers: readonly TestAnswer[], specimen: number): Feature | undefined {
  const asked = new Set(answers.filter((answer) => answer.specimen === specimen).map(({ feature }) => feature))
  return burnFeatures.find(({ id }) => !asked.has(id))
}

/** The answers with one more; an earlier answer to the same question on the same specimen gives way to it. */
export function withAnswer(answers: readonly TestAnswer[], added: TestAnswer): TestAnswer[] {
  return [...answers.filter(({ specimen, part, feature }) => !(specimen === added.specimen && part === added.part && feature === added.feature)), added]
}

/** For drawing: the latest sight of each feature. */
export function seenIn(answers: readonly TestAnswer[]): Record<string, readonly string[]> {
  return Object.fromEntries(answers.filter(({ states }) => states.length > 0).map(({ feature, states }) => [feature, states]))
}

/** Some features in words: `Smell: burnt paper. Smoke: not seen.` */
export function describeSeen(answers: readonly TestAnswer[], features: readonly string[]): string {
  const seen = seenIn(answers)
  const parts = features.map((id) => `${featureById(id).title}: ${(seen[id] ?? []).map((state) => stateLabel(id, state).toLowerCase()).join(' and ') || 'not seen'}`)
  return parts.join('. ')
}
