import { seen } from '../../../tests/support/seen'
import { controlsNeeded, looksImpure, trustedControls } from './controls'
import { identify } from './identify'

const cottony = seen({
  flame: 'yellow-fast',
  melting: 'none',
  'after-removal': 'burns-on',
  smell: 'paper',
  residue: 'soft-ash',
  crush: 'powders',
})
const polyCotton = seen({
  melting: 'partly',
  'after-removal': 'burns-on',
  smell: ['paper', 'sweet-chemical'],
  residue: 'hard-specks-in-ash',
  crush: 'crumbles',
})
const prior = identify({ observations: [] }).fibres

it('takes a control that burns otherwise than its fibre for impure, and learns nothing from it', () => {
  expect(looksImpure({ fibre: 'cotton', observations: cottony })).toBe(false)
  expect(looksImpure({ fibre: 'cotton', observations: polyCotton })).toBe(true)
  expect(looksImpure({ fibre: 'cotton', observations: [] })).toBe(false)
  const good = { fibre: 'cotton' as const, observations: cottony }
  expect(trustedControls([good, { fibre: 'cotton', observations: polyCotton }])).toEqual([good])
})

it('does not take a lookalike for impure: viscose burns as cotton does', () => {
  expect(looksImpure({ fibre: 'viscose', observations: cottony })).toBe(false)
})

it('names one control a kind that burns alike, and prefers what the box holds', () => {
  const needed = controlsNeeded(prior, [{ fibre: 'viscose', impure: false }])
  expect(needed.filter(({ fibre }) => ['cotton', 'linen', 'viscose', 'modal'].includes(fibre))).toEqual([
    { fibre: 'viscose', inBox: 'pure', text: 'Viscose: you have a sample.' },
  ])
  expect(needed.find(({ fibre }) => fibre === 'polyester')).toMatchObject({ inBox: 'no' })
  expect(needed.some(({ fibre }) => fibre === 'elastane')).toBe(false)
})

it('says where the one in the box cannot be trusted', () => {
  const [cotton] = controlsNeeded(prior, [{ fibre: 'cotton', impure: true }])
  expect(cotton).toMatchObject({ fibre: 'cotton', inBox: 'impure' })
  expect(cotton!.text).toMatch(/did not burn like cotton alone/)
  expect(
    controlsNeeded(prior, [
      { fibre: 'cotton', impure: true },
      { fibre: 'linen', impure: false },
    ])[0],
  ).toMatchObject({ fibre: 'linen', inBox: 'pure' })
})

it('follows what is known: swimwear wants a nylon and a polyester before the rest', () => {
  const { fibres } = identify({ observations: [], history: { kind: 'swimwear' } })
  const needed = controlsNeeded(fibres, []).map(({ fibre }) => fibre)
  expect(needed.slice(0, 2).sort()).toEqual(['nylon', 'polyester'])
  expect(controlsNeeded(prior, [])[0]!.fibre).toBe('cotton')
})
