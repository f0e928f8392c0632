import { type WorthMeasuring } from '@/core/choose/worthMeasuring'
import { afterThat, nextStepOf } from './nextStep'

type Asked = Parameters<typeof nextStepOf>[0]
const worth = (property: string, rest: Partial<WorthMeasuring> = {}) =>
  ({ property, of: 'Gull smock', mostGain: 0.24, patterns: 3, ...rest }) as WorthMeasuring
const known = (rest: object = {}) =>
  ({
    piece: { id: 'a', claim: [] },
    belief: null,
    tests: [{}],
    worth: [],
    unfinished: null,
    ...rest,
  }) as unknown as Asked

it('first of all is what it is made of, where neither a label nor a burn says', () => {
  expect(nextStepOf(known({ tests: [], worth: [worth('weight')] }))).toMatchObject({
    do: 'burn',
    says: 'Start burn test',
  })
  const labelled = known({ tests: [], piece: { id: 'a', claim: [{ fibre: 'wool', percent: 100 }] } })
  expect(nextStepOf(labelled).do).toBe('go')
})

it('before all, a burn that was left goes on', () => {
  const left = known({
    unfinished: { id: 't', answers: 7, says: 'Burn test: continue at question 8' },
    tests: [],
    worth: [worth('weight')],
  })
  expect(nextStepOf(left)).toMatchObject({
    says: 'Burn test: continue at question 8',
    why: 'You stopped after 7 answers.',
    href: '/identify/burn/t',
  })
})

it('a label that was spoken against is burnt again', () => {
  const contradicted = known({ belief: { claim: { verdict: 'contradicted' } }, worth: [worth('weight')] })
  expect(nextStepOf(contradicted)).toMatchObject({ do: 'burn', says: 'Burn another sample' })
  expect(nextStepOf(known({ belief: { claim: { verdict: 'supported' } } })).do).toBe('go')
})

it('then what would move a score is measured, at its bench, with what it would do', () => {
  expect(nextStepOf(known({ worth: [worth('weight'), worth('body')] }))).toMatchObject({
    says: expect.stringMatching(/^Measure /) as string,
    why: expect.stringContaining('3 scores; that of Gull smock by up to 24 points out of 100') as string,
    href: '/identify/measure/weigh?piece=a',
  })
  expect(nextStepOf(known({ worth: [worth('stretch-length', { patterns: 1 })] }))).toMatchObject({
    why: expect.stringContaining('one score') as string,
    href: '/identify/measure/stretch?piece=a',
  })
  // What no bench measures is passed over.
  expect(nextStepOf(known({ worth: [worth('pile'), worth('opacity')] }))).toMatchObject({
    href: '/identify/measure/opacity?piece=a',
  })
})

it('where nothing would move a score, it is time to choose', () => {
  expect(nextStepOf(known())).toMatchObject({ do: 'go', href: '/stash/a/patterns' })
  expect(nextStepOf(known({ worth: [worth('pile')] }))).toMatchObject({ href: '/stash/a/patterns' })
})

it('what else would be worth it follows in a sentence', () => {
  expect(afterThat([worth('weight')])).toBe('')
  expect(afterThat([worth('weight'), worth('pile'), worth('body', { mostGain: 0.06, of: 'Cape' })])).toMatch(
    /^After that: .* \(up to 6 points for Cape\)\.$/,
  )
})
