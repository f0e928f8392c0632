import { readScaleLine } from '@/core/measure/scale/line'
import { settleWeighings, type ScaleMoment } from '@/core/measure/scale/settle'
import { dice } from '../../../tests/support/seen'
import { KITCHEN_SCALE, LETTER_SCALE, SimulatedScale } from './scale'

/** Its lines over so many seconds, read as a real scale's would be. */
function read(scale: SimulatedScale, clock: { now: number }, seconds: number): ScaleMoment[] {
  return Array.from({ length: seconds * 5 }, () => {
    clock.now += 200
    return { ...readScaleLine(scale.line())!, atMs: clock.now }
  })
}

function begun(nature = KITCHEN_SCALE) {
  const clock = { now: 0 }
  return { clock, scale: new SimulatedScale('test', nature, () => clock.now, dice(5)) }
}

it('settles on what is laid on it, within a step, and calls itself unsteady until then', () => {
  const { clock, scale } = begun()
  scale.lay(214.3)
  const moments = read(scale, clock, 8)
  expect(moments[0]!.steady).toBe(false)
  expect(moments[0]!.grams).toBeLessThan(214)
  expect(Math.abs(settleWeighings(moments).grams! - 214.3)).toBeLessThanOrEqual(1)
})

it('creeps as its nature says, and comes back to nothing when it is set to zero', async () => {
  const { clock, scale } = begun({ ...LETTER_SCALE, driftPerMinute: 12 })
  scale.lay(50)
  expect(settleWeighings(read(scale, clock, 20)).driftPerMinute).toBeCloseTo(12, 0)
  await scale.tare()
  clock.now += 200
  expect(Math.abs(readScaleLine(scale.line())!.grams)).toBeLessThan(0.5)
})
