import { MeasurementSchema, type MeasurementInput } from '@/core/notebook/measurements'
import { demoBurns } from '@/demo/burns'
import { demoControls } from '@/demo/controls'
import { demoMeasurements } from '@/demo/measurements'
import { startBurnTest } from '@/server/records/burnTests'
import { addMeasurement } from '@/server/records/measurements'
import { createRecord } from '@/server/store/repository'
import { type Draw, type Filling } from './bigNotebook'

/** Readings of most kinds, half of them weighings. */
export async function addMeasurements({ draw, each, at }: Filling, count: number, pieces: readonly string[]) {
  const others = Object.values(demoMeasurements).flat()
  await each(count, (open) => {
    const told = draw.chance() < 0.5 ? weighing(draw) : draw.one(others)
    return addMeasurement(open, draw.one(pieces), MeasurementSchema.parse(told), 'unknown', at)
  })
}

function weighing({ between }: Draw): MeasurementInput {
  return {
    kind: 'weighing',
    grams: between(5, 65),
    lengthMm: 400,
    widthMm: 300,
    resolutionGrams: 1,
    cutErrorMm: 2,
  }
}

/** Burnt known samples, which say how a person reports what they see. */
export async function addControls({ draw, each, at }: Filling, count: number) {
  await each(count, async (open, i) => {
    const { burns, ...control } = draw.one(demoControls)
    const { id } = await createRecord(open, 'control', { ...control, name: `${control.name} ${i}` }, at)
    for (const answers of burns) await startBurnTest(open, { controlId: id }, at, { finished: true }, answers)
  })
}

/** Burn tests as volunteers report them, whole, or left after some answers. */
export async function addBurns({ draw, each, at }: Filling, count: number, pieces: readonly string[]) {
  const burns = Object.values(demoBurns)
  await each(count, (open) => {
    const answers = draw.one(burns)
    const told = draw.chance() < 0.8 ? answers : answers.slice(0, draw.between(1, answers.length))
    return startBurnTest(open, { pieceId: draw.one(pieces) }, at, { finished: true }, told)
  })
}
