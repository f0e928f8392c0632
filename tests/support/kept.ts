import { MeasurementSchema, type KeptMeasurement, type MeasurementInput } from '@/core/notebook/measurements'
import { type WashState } from '@/core/vocabulary/cloth'

let made = 0

/** Readings as a notebook keeps them, each under an id of its own. */
export function kept(told: readonly MeasurementInput[], state: WashState = 'unwashed'): KeptMeasurement[] {
  return told.map((data) => ({ id: `reading ${++made}`, state, data: MeasurementSchema.parse(data), at: '' }))
}

/** A weighing of a piece of that size. @param grams as the scale shows, of 1 m² where no sides are given */
export function weighed(grams: number, lengthMm = 1000, widthMm = 1000, rest: object = {}): MeasurementInput {
  return { kind: 'weighing', grams, lengthMm, widthMm, ...rest }
}
