import { nextThings, type OnTheTable } from './nextThings'

const EMPTY: OnTheTable = {
  inHand: [],
  looseTests: [],
  due: 0,
  mysteries: { first: undefined, count: 0 },
  pieces: 0,
  patterns: 0,
  controls: { count: 0, burnt: 0 },
}
const ids = (on: Partial<OnTheTable>) => nextThings({ ...EMPTY, ...on }).map(({ id }) => id)

it('asks for nothing where there is nothing', () => {
  expect(ids({})).toEqual([])
})

it('puts what was begun first, and never says more than three things', () => {
  const busy = {
    inHand: [{ id: 'a', name: 'Cloth in hand' }],
    looseTests: [{ id: 'b' }],
    mysteries: { first: { id: 'c', name: 'Bundle' }, count: 1 },
    pieces: 5,
  }
  expect(ids(busy)).toEqual(['in-hand', 'loose-test', 'mystery'])
})

it('asks for practice only where some is due', () => {
  expect(ids({ due: 0 })).toEqual([])
  expect(nextThings({ ...EMPTY, due: 1 })[0]).toMatchObject({
    id: 'practice',
    why: expect.stringMatching(/^One thing is/),
  })
})

it('leads to the pattern and the controls once there are pieces', () => {
  expect(ids({ pieces: 1 })).toEqual(['first-pattern', 'controls'])
  expect(ids({ pieces: 1, patterns: 1, controls: { count: 2, burnt: 1 } })).toEqual(['burn-control', 'choose'])
  expect(ids({ pieces: 1, patterns: 1, controls: { count: 2, burnt: 2 } })).toEqual(['choose'])
})

it('says how many, in the singular where it is one', () => {
  const [one] = nextThings({ ...EMPTY, looseTests: [{ id: 'b' }] })
  expect(one).toMatchObject({ why: 'It belongs to no fabric yet.', href: '/identify/burn/b' })
  const [three] = nextThings({ ...EMPTY, mysteries: { first: { id: 'x', name: 'x' }, count: 3 } })
  expect(three).toMatchObject({ says: 'Start with x', why: '3 fabrics are still unknown.' })
})
