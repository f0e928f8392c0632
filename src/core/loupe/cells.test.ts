import { dice } from '../../../tests/support/seen'
import { weavePicture } from '../../../tests/support/weavePicture'
import { drafts } from '../weave/drafts'
import { areCrossings, threadCellsOf } from './cells'
import { flattenPlane, type Plane } from './plane'

const picture = (noise = 2) =>
  flattenPlane(
    weavePicture(
      { drawdown: drafts.twill!, endsPerCm: 20, picksPerCm: 16, pixelsPerCm: 200, width: 360, height: 320, noise },
      dice(3),
    ),
    13,
  )
const [ends, picks] = [
  { u: 20 / 200, v: 0 },
  { u: 0, v: 16 / 200 },
]

it('is explained by two ridges where the threads are the threads', () => {
  const cells = threadCellsOf(picture(), ends, picks)!
  expect(cells.two).toBeGreaterThan(0.7)
  expect(cells.two).toBeGreaterThanOrEqual(cells.ridges)
  expect(cells.count).toBeGreaterThan(200)
  expect(areCrossings(cells)).toBe(true)
})

it('is explained less well the more noise lies over it, and by sets that are no threads', () => {
  expect(threadCellsOf(picture(30), ends, picks)!.two).toBeLessThan(threadCellsOf(picture(2), ends, picks)!.two)
  const wrong = threadCellsOf(picture(), { u: ends.u * 1.13, v: 0.004 }, picks)!
  expect(wrong.ridges).toBeLessThan(threadCellsOf(picture(), ends, picks)!.ridges)
})

it('refuses noise, and says nothing of too few cells or of sets that run the same way', () => {
  const chance = dice(9)
  const noise: Plane = {
    width: 360,
    height: 320,
    data: Float32Array.from({ length: 360 * 320 }, () => chance() - 0.5),
  }
  expect(areCrossings(threadCellsOf(noise, ends, picks)!)).toBe(false)
  expect(threadCellsOf(picture(), { u: 0.01, v: 0 }, { u: 0, v: 0.01 })).toBeNull()
  expect(threadCellsOf(picture(), ends, { u: 0.2, v: 0 })).toBeNull()
})
