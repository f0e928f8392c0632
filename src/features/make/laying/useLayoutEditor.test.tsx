/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { type LayAnswer, type LayTask, type Placement } from '@/core/lay/types'
import { rectangle, type Point } from '@/core/shapes/polygon'
import { placementKeyOf } from './boardGeometry'
import { type LayData } from './load'
import { useLay } from './useLay'
import { SECONDS, useLayoutEditor } from './useLayoutEditor'

jest.mock('./useLay', () => ({ useLay: jest.fn() }))

const start = jest.fn<void, [LayTask, number]>()
let found: (answer: LayAnswer, task: LayTask) => void = () => {}

beforeEach(() => {
  start.mockReset()
  jest.mocked(useLay).mockImplementation((onBest) => {
    found = onBest
    return { isRunning: false, since: 0, trouble: '', start, stop: () => {} }
  })
})

const square: Point[] = rectangle(300, 400)
const ground = {
  id: 'curtain',
  name: 'Curtain',
  widthMm: 1200,
  lengthMm: 2000,
  shrinkPercent: { length: 0, width: 0 },
  oneWay: false,
  repeatMm: { x: 0, y: 0 },
  selvedgeMm: 10,
  outline: null,
  flaws: [],
  leanDeg: 0,
  border: null,
}
const data = {
  pieces: [
    {
      ...{ id: 'front', name: 'Front', outline: square, count: 2, pair: false, onFold: false, warpDeg: 90 },
      ...{ toleranceDeg: 0, turn: 'half', crosswise: false, bias: false, notches: [], marks: [], isAbout: false },
    },
  ],
  chosen: ['curtain'],
  offered: [ground],
  kept: null,
} as unknown as LayData

const placement = (copy: number, x: number): Placement =>
  ({
    ...{ id: 'front', copies: [copy], panel: null, panelCopy: null, mirrored: false, degrees: 0, at: [x, 0] },
    polygon: square.map(([px, py]): Point => [px + x, py]),
  }) as Placement
const answer = (...placements: Placement[]) =>
  ({ verdict: 'fits', layers: 'single', placements, usedLengthMm: 400, density: 0.5 }) as unknown as LayAnswer

async function opened(of: LayData = data) {
  const { result } = renderHook(() => useLayoutEditor(of))
  await act(async () => {})
  const table = () => result.current
  const lay = (...placements: Placement[]) => {
    act(() => table().start())
    const [task] = start.mock.lastCall!
    act(() => found(answer(...placements), task))
  }
  return { table, lay }
}
const [one, two] = [placement(1, 10), placement(2, 400)]

test('the cloth that was chosen lies on the table, and nothing on it', async () => {
  const { table } = await opened()
  expect(table().grounds.map(({ id }) => id)).toEqual(['curtain'])
  expect(table().lay).toBeNull()
  expect(table().undo).toBeUndefined()
})

test('without a chosen cloth it is a shop’s, of the width that is said', async () => {
  const { table } = await opened({ ...data, chosen: [] })
  act(() => table().setShop({ widthMm: 1150 }))
  expect(table().grounds).toMatchObject([{ id: 'shop', widthMm: 1150, lengthMm: null }])
})

test('it is laid by what was wished, and what was found lies there', async () => {
  const { table, lay } = await opened()
  act(() => table().setWishes({ layers: 'folded-lengthwise', gapMm: 4 }))
  act(() => table().ground({ oneWay: true }))
  lay(one, two)
  const [task, seconds] = start.mock.lastCall!
  expect(seconds).toBe(SECONDS)
  expect(task).toMatchObject({ gapMm: 4, cloth: { oneWay: true, layers: 'folded-lengthwise' }, pinned: [] })
  expect(table().lay!.placements).toHaveLength(2)
  expect(table().usedMm).toBe(400)
})

test('what is held stays where it is while the rest is tried again, from another seed', async () => {
  const { table, lay } = await opened()
  lay(one, two)
  const [first] = start.mock.lastCall!
  act(() => table().hold(placementKeyOf(two!)))
  act(() => table().start())
  const [task] = start.mock.lastCall!
  expect(task.pinned).toMatchObject([{ id: 'front', copies: [2] }])
  expect(task.seed).not.toBe(first.seed)
  act(() => table().hold(placementKeyOf(two!)))
  expect(table().held.size).toBe(0)
})

test('what was turned by hand is taken back', async () => {
  const { table, lay } = await opened()
  lay(one, two)
  act(() => table().turn(placementKeyOf(one!), false))
  expect(table().lay!.placements[0]!.degrees).toBe(180)
  act(() => table().undo!())
  expect(table().lay!.placements[0]!.degrees).toBe(0)
})

test('pieces that are pushed over one another are told of', async () => {
  const { table, lay } = await opened()
  lay(one, two)
  expect(table().faults).toEqual([])
  act(() => table().move(placementKeyOf(two!), [-200, 0], true))
  expect(table().faults.length).toBeGreaterThan(0)
  expect(table().faults[0]!.keys).toEqual(expect.arrayContaining([placementKeyOf(one!), placementKeyOf(two!)]))
})

test('a plan that was kept lies there again, but not one of pieces that are gone', async () => {
  const kept = { widthMm: 1200, lengthMm: 2000, layers: 'single', usedLengthMm: 400, density: 0.5 }
  const again = await opened({ ...data, kept: { ...kept, placements: [one, two] } } as unknown as LayData)
  expect(again.table().lay!.placements).toHaveLength(2)
  const gone = { ...data, kept: { ...kept, placements: [{ ...one, id: 'sleeve' }] } } as unknown as LayData
  expect((await opened(gone)).table().lay).toBeNull()
})
