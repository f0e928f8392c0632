import { identify } from '../../core/identify/identify'
import { identifyKept } from './beliefs'

const question = {
  observations: [{ feature: 'smell', states: ['hair-feather'] }],
  claim: [{ fibre: 'silk' as const, percent: 100 }],
}

it('answers as identify does, and remembers', () => {
  const first = identifyKept(question, 'uk')
  expect(first).toEqual(identify(question, 'uk'))
  expect(identifyKept({ ...question }, 'uk')).toBe(first)
})

it('keeps questions and vocabularies apart', () => {
  const first = identifyKept(question, 'uk')
  expect(identifyKept(question, 'us')).not.toBe(first)
  expect(identifyKept({ observations: question.observations }, 'uk').claim).toBeUndefined()
})
