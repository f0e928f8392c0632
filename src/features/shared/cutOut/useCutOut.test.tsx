/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react'
import { areaOf, type Point } from '@/core/shapes/polygon'
import { usePicture } from '../picture/usePicture'
import { useCutOut } from './useCutOut'

jest.mock('../picture/usePicture', () => ({ usePicture: jest.fn() }))

const square = (x: number, y: number, side: number): Point[] => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
]
const file = new Blob(['floor'])
const picture = { file, view: { width: 900, height: 600 }, number: 1 }
/** An A4 sheet seen from straight above, two pixels to a mm, clockwise. */
const sheet: Point[] = [
  [0, 0],
  [420, 0],
  [420, 594],
  [0, 594],
]
const cutOut = jest.fn()

beforeEach(() => {
  cutOut.mockReset()
  cutOut.mockResolvedValue({ corners: sheet, edge: square(500, 100, 200), holes: [], isCutOff: false })
  jest.mocked(usePicture).mockReturnValue({ picture, open: async () => picture, cutOut } as never)
})

async function opened() {
  const { result } = renderHook(() => useCutOut())
  await act(async () => result.current.work.open(file))
  return () => result.current
}

test('the outline is on the floor, in mm, its lower left corner at the origin', async () => {
  const work = await opened()
  const outline = work().outline!
  expect(areaOf(outline)).toBeCloseTo(100 * 100, -2)
  expect(Math.min(...outline.map(([x]) => x))).toBe(0)
  expect(Math.min(...outline.map(([, y]) => y))).toBe(0)
})

test('holes lie in the outline’s own place, and are left out when they are none', async () => {
  cutOut.mockResolvedValue({
    corners: sheet,
    edge: square(500, 100, 200),
    holes: [square(560, 140, 40), square(620, 240, 20)],
    isCutOff: false,
  })
  const work = await opened()
  expect(work().holesMm.map((hole) => Math.round(areaOf(hole)))).toEqual([400, 100])
  // 60 px from the left edge and 20 px above the lower one, two pixels to a mm.
  const [hole] = work().holesMm
  expect(Math.min(...hole!.map(([x]) => x))).toBeCloseTo(30, 0)
  expect(Math.min(...hole!.map(([, y]) => y))).toBeCloseTo(60, 0)
  act(() => work().takeHole(0, false))
  expect(work().holesMm.map((one) => Math.round(areaOf(one)))).toEqual([100])
  expect(work().holes.map(({ isHole }) => isHole)).toEqual([false, true])
})

test('a sheet that was not found leaves the edge, and no size', async () => {
  cutOut.mockResolvedValue({ corners: null, edge: square(500, 100, 200), holes: [], isCutOff: true })
  const work = await opened()
  expect(work().points).not.toBeNull()
  expect(work().outline).toBeNull()
  expect(work().isCutOff).toBe(true)
  act(() => work().setCorners(sheet))
  expect(areaOf(work().outline!)).toBeCloseTo(100 * 100, -2)
})

test('by a ruler, the distance of two marks says how large it is', async () => {
  const work = await opened()
  act(() => work().setBy('ruler'))
  act(() =>
    work().setRuler({
      marks: [
        [0, 500],
        [400, 500],
      ],
      lengthMm: 100,
    }),
  )
  expect(areaOf(work().outline!)).toBeCloseTo(50 * 50, 0)
  act(() => work().setRuler({ marks: work().marks.marks, lengthMm: null }))
  expect(work().outline).toBeNull()
})

test('to point at another thing looks again, with the corners as they are now', async () => {
  const work = await opened()
  const mine: Point[] = sheet.map(([x, y]) => [x + 3, y])
  act(() => work().setCorners(mine))
  await act(async () => work().pointAt([700, 300]))
  expect(cutOut).toHaveBeenLastCalledWith(file, { corners: mine, inside: [700, 300] })
})

test('what is only darker counts once it is said to', async () => {
  const work = await opened()
  expect(cutOut).toHaveBeenLastCalledWith(file, {})
  await act(async () => work().setOnlyDarker(true))
  expect(cutOut).toHaveBeenLastCalledWith(file, { corners: sheet, isOnlyDarker: true })
})

test('points that are moved by hand change the outline', async () => {
  const work = await opened()
  act(() => work().setPoints(square(500, 100, 400)))
  expect(areaOf(work().outline!)).toBeCloseTo(200 * 200, -2)
})

test('nothing found leaves what was found before', async () => {
  const work = await opened()
  cutOut.mockResolvedValue(null)
  await act(async () => work().pointAt([1, 1]))
  expect(work().outline).not.toBeNull()
})
