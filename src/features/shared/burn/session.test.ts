import { inspectionFeatures } from '@/core/cloths/inspection'
import { burnFeatures, features } from '@/core/identify/features'
import { identify } from '@/core/identify/identify'
import { type Observation } from '@/core/identify/types'
import { observationsFrom, type TestAnswer } from '@/core/notebook/answers'
import { keyFor, keyOf } from '../question/keys'
import {
  continueWords,
  currentSpecimen,
  describeSeen,
  nextQuestion,
  seenIn,
  unfinishedBurn,
  withAnswer,
} from './session'
import { evidenceWords } from './why'

const answer = (feature: string, states: string[], specimen = 1): TestAnswer => ({
  specimen,
  part: 'whole',
  feature,
  states,
})

it('asks in the order of the flame, and stops after the last', () => {
  let answers: TestAnswer[] = []
  const asked: string[] = []
  for (let question = nextQuestion(answers, 1); question; question = nextQuestion(answers, 1)) {
    asked.push(question.id)
    answers = withAnswer(answers, answer(question.id, []))
  }
  expect(asked).toEqual(burnFeatures.map(({ id }) => id))
  expect(nextQuestion(answers, 2)?.id).toBe('approach')
})

it('counts specimens by what was answered and what was begun', () => {
  expect(currentSpecimen([], 1)).toBe(1)
  expect(currentSpecimen([answer('smell', ['paper'], 2)], 1)).toBe(2)
  expect(currentSpecimen([answer('smell', ['paper'], 2)], 3)).toBe(3)
})

it('finds a burn that was left, and the question that it goes on with', () => {
  const answers = burnFeatures.slice(0, 7).map(({ id }) => answer(id, []))
  const left = unfinishedBurn({ answers, setup: {} })
  expect(left).toEqual({ question: 8, of: 11 })
  expect(continueWords(left!)).toBe('Burn test: continue at question 8')
  expect(unfinishedBurn({ answers, setup: { finished: true } })).toBeUndefined()
  expect(unfinishedBurn({ answers: [], setup: {} })).toBeUndefined()
  expect(unfinishedBurn({ answers: [answer('drop', [])], setup: {} })).toBeUndefined()
  expect(unfinishedBurn({ answers: burnFeatures.map(({ id }) => answer(id, [])), setup: {} })).toBeUndefined()
  // Of a second sample nothing was answered before: it goes on with its own second question.
  expect(unfinishedBurn({ answers: [...answers, answer('approach', [], 2)], setup: {} })?.question).toBe(2)
})

it('lets a new answer to the same question take the place of the old one', () => {
  const answers = withAnswer(withAnswer([], answer('smell', ['paper'])), answer('smell', ['vinegar']))
  expect(answers).toEqual([answer('smell', ['vinegar'])])
  expect(withAnswer(answers, answer('smell', ['paper'], 2))).toHaveLength(2)
})

it('leaves out of the evidence what was not seen', () => {
  const answers = [answer('smoke', []), answer('smell', ['paper', 'rubbery'])]
  expect(observationsFrom(answers)).toEqual([{ feature: 'smell', states: ['paper', 'rubbery'], part: 'whole' }])
  expect(seenIn(answers)).toEqual({ smell: ['paper', 'rubbery'] })
  expect(describeSeen(answers, ['smoke', 'smell'])).toBe('Smoke: not sure. Smell: burnt paper and rubber')
})

it('has a key for each answer of the longest question, and none to spare', () => {
  const most = Math.max(...[...features, ...inspectionFeatures].map(({ states }) => states.length))
  const keys = Array.from({ length: most }, (_, index) => keyFor(index))
  expect(new Set(keys).size).toBe(most)
  expect(keyFor(most)).toBe('')
  expect(['n', 'u', 'Enter', 'x'].map((key) => keyOf({ key }))).toEqual(['blank', 'undo', 'next', undefined])
})

it('gives reasons for the blend where the verdict is one, not for one of its sides', () => {
  const seen = { smell: 'paper', melting: 'partly', residue: 'hard-specks-in-ash', afterglow: 'yes' } as const
  const answer = identify({
    observations: Object.entries(seen).map(([feature, state]) => ({ feature, states: [state] })) as Observation[],
  })
  expect(answer.verdict.level).toBe('blend')
  const said = Object.fromEntries(answer.evidence.map((one) => [one.feature, evidenceWords(one).says]))
  expect(said.melting).toMatch(/for the blend.*alone/)
  expect(said.residue).toMatch(/for the blend/)
  // Paper is what the cotton gives; it does not rule polyester in, and only polyester alone out.
  expect(said.smell).toBe('is what a plant fibre in it would give, against a synthetic alone')
  for (const says of Object.values(said)) expect(says).not.toMatch(/for (plant|synthetic)/)
})

it('puts evidence into words that point the right way', () => {
  const [evidence] = identify({ observations: [{ feature: 'smell', states: ['hair-feather'] }] }).evidence
  const { seen, says, strength } = evidenceWords(evidence!)
  expect(seen).toBe('Smell: hair or feather')
  expect(says).toMatch(/for protein.*against/)
  expect(strength).toBeGreaterThan(2)
})
