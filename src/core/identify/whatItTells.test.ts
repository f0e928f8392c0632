import { FIBRE_IDS } from '../vocabulary/fibres'
import { features } from './features'
import { tellsApart } from './tellsApart'
import { whatItTells } from './whatItTells'

const likeliestAfter = (feature: string, state: string) =>
  whatItTells(feature).answers.find((answer) => answer.state === state)!.likeliest

it('tells of each answer the fibres that are likely after it, the likeliest first', () => {
  expect(likeliestAfter('smell', 'hair-feather').map(({ fibre }) => fibre)).toEqual(['wool', 'silk', 'hair'])
  expect(likeliestAfter('smell', 'vinegar')[0]!.fibre).toBe('acetate')
  expect(likeliestAfter('acetone', 'dissolves')[0]!.fibre).toBe('acetate')
})

it.each(features.map(({ id }) => id))('%s: shares are shares, of no more than all there is', (id) => {
  const { answers } = whatItTells(id)
  expect(answers.map(({ state }) => state)).toEqual(
    features.find((one) => one.id === id)!.states.map((one) => one.id),
  )
  for (const { likeliest } of answers) {
    const all = likeliest.reduce((sum, { share }) => sum + share, 0)
    expect(all).toBeLessThanOrEqual(1 + 1e-9)
    expect(likeliest.map(({ share }) => share)).toEqual(likeliest.map(({ share }) => share).toSorted((a, b) => b - a))
  }
})

it('gives every pair of fibres to the one look that parts it best, the hardest pairs first', () => {
  const all = features.flatMap(({ id }) => whatItTells(id).parts.map((pair) => ({ id, ...pair })))
  const pairs = (FIBRE_IDS.length * (FIBRE_IDS.length - 1)) / 2
  expect(new Set(all.map(({ one, other }) => `${one} ${other}`)).size).toBe(all.length)
  expect(all.length).toBeLessThanOrEqual(pairs)
  expect(all.length).toBeGreaterThan(0.95 * pairs)
  for (const { id, one, other, bits, nextBits } of all) {
    expect(tellsApart(one, other)[0]!.feature).toBe(id)
    expect(bits).toBeGreaterThanOrEqual(nextBits)
  }
  for (const { id } of features) {
    const next = whatItTells(id).parts.map(({ nextBits }) => nextBits)
    expect(next).toEqual(next.toSorted((a, b) => a - b))
  }
})

it('acetone parts acetate from what burns like it', () => {
  const parted = whatItTells('acetone').parts.map(({ one, other }) => [one, other].sort().join(' '))
  expect(parted.some((pair) => pair.includes('acetate'))).toBe(true)
})

it('refuses what nobody can look at', () => {
  expect(() => whatItTells('taste')).toThrow(RangeError)
})
