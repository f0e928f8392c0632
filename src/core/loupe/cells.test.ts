import { dice } from '../../../tests/support/seen'
import { weavePicture } from '../../../tests/support/weavePicture'
import { drafts } from '../weave/drafts'
import { areCrossings, cellsOf } from './cells'
import { flattened, type Plane } from './plane'

const picture = (noise = 2) =>
  flattened(
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
  const cells = cellsOf(picture(), ends, picks)!
  expect(cells.two).toBeGreaterThan(0.7)
  expect(cells.two).toBeGreaterThanOrEqual(cells.ridges)
  expect(cells.count).toBeGreaterThan(200)
  expect(areCrossings(cells)).toBe(true)
})

it('is explained less well the more noise lies over it, and by sets that are no threads', () => {
  expect(cellsOf(picture(30), ends, picks)!.two).toBeLessThan(cellsOf(picture(2), ends, picks)!.two)
  const wrong = cellsOf(picture(), { u: ends.u * 1.13, v: 0.004 }, picks)!
  expect(wrong.ridges).toBeLessThan(cellsOf(picture(), ends, picks)!.ridges)
})

it('refuses noise, and says nothing of too few cells or of sets that run the same way', () => {
  const chance = dice(9)
  const noise: Plane = {
    width: 360,
    height: 320,
    data: Float32Array.from({ length: 360 * 320 }, () => chance() - 0.5),
  }
  expect(areCrossings(cellsOf(noise, ends, picks)!)).toBe(false)
  expect(cellsOf(picture(), { u: 0.01, v: 0 }, { u: 0, v: 0.01 })).toBeNull()
  expect(cellsOf(picture(), ends, { u: 0.2, v: 0 })).toBeNull()
})
