import { countThreads, NothingToCount } from '@/core/loupe/count'
import { shadowOf } from '@/core/loupe/disc'
import { drapeCoefficient } from '@/core/measure/drape'
import { type Plane } from '@/core/loupe/plane'
import { dice } from '../../../tests/support/seen'
import { shoot, type Photograph, type Shot } from './camera'

const shot: Shot = { of: 'plain', endsPerCm: 24, picksPerCm: 20, turnDeg: 3, drape: 0.5 }

/** The photograph without its ruler, as brightness. */
function grey({ width, height, data }: Photograph): Plane {
  const above = height - 100
  return {
    width,
    height: above,
    data: Float32Array.from(
      { length: width * above },
      (_, at) => (data[4 * at]! + data[4 * at + 1]! + data[4 * at + 2]!) / 3,
    ),
  }
}

it('photographs a weave that is counted as it was chosen', () => {
  const taken = shoot(shot, dice(2))
  const { sets } = countThreads(grey(taken), taken.pixelsPerCm)
  expect(sets[0].threadsPerCm).toBeCloseTo(24, 0)
  expect(sets[1].threadsPerCm).toBeCloseTo(20, 0)
  expect(sets[0].angleDeg).toBeCloseTo(3, 0)
})

it('lays a ruler along the foot, a long mark each centimetre', () => {
  const { width, height, data, pixelsPerCm } = shoot(shot, dice(2))
  const row = height - 90 + 55
  const dark = Array.from({ length: width }, (_, x) => data[4 * (row * width + x)]! < 100)
  const marks = dark.flatMap((is, x) => (is && !dark[x - 1] ? [x] : []))
  expect(marks.length).toBeGreaterThan(3)
  for (let index = 1; index < marks.length; index++)
    expect(Math.abs(marks[index]! - marks[index - 1]! - pixelsPerCm)).toBeLessThanOrEqual(1)
})

it('photographs a draped disc that covers what its coefficient says, and a wall with nothing to count', () => {
  const taken = shoot({ ...shot, of: 'disc' }, dice(2))
  const shadowMm2 = (shadowOf(grey(taken)).areaPx / taken.pixelsPerCm ** 2) * 100
  expect(Math.abs(drapeCoefficient({ clothRadiusMm: 150, tableRadiusMm: 90 }, shadowMm2) - 50)).toBeLessThan(2)
  const wall = shoot({ ...shot, of: 'nothing' }, dice(2))
  expect(() => countThreads(grey(wall), wall.pixelsPerCm)).toThrow(NothingToCount)
})
