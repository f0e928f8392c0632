import { type z } from 'zod'
import { planFaults } from '../../../tests/support/plan/checker'
import { SURE_LINES } from '../../core/sew/sureness'
import { prepareComputation, PrepareResponse } from './prepare'
import { sewComputation, type SewAdviceAnswer, SewResponse } from './sew'

async function sew(
  body: unknown,
): Promise<{ status: number; answer: z.output<typeof SewAdviceAnswer> & { error?: unknown } }> {
  const response = await sewComputation.post(new Request('http://x/', { method: 'POST', body: JSON.stringify(body) }))
  return { status: response.status, answer: await response.json() }
}

it('tells how a cloth is handled, each choice with its rules', async () => {
  const { status, answer } = await sew({
    fabric: { called: 'chambray', gsm: 140 },
    garment: 'shirt',
    details: ['collar', 'cuffs'],
    lined: false,
    machine: { overlocker: true, walkingFoot: false, smallestNeedle: 60 },
    schools: { seam: 'flat-felled', nobodyKnows: 'this' },
  })
  expect(status).toBe(200)
  expect(SewResponse.safeParse(answer).success).toBe(true)
  expect(answer.seams[0]).toMatchObject({ id: 'flat-felled', rank: 1 })
  expect(answer.needle.us).toEqual([11, 12])
  expect(answer.interfacing.maxGsm).toBe(140)
  expect(answer.sureness.map(({ line }) => line)).toEqual([...SURE_LINES])
})

it('refuses glass fibre, with the reason in place of any advice', async () => {
  const { status, answer } = await sew({ fabric: { fibres: ['glass'] }, garment: 'curtain' })
  expect(status).toBe(200)
  expect(SewResponse.safeParse(answer).success).toBe(true)
  expect(answer).toMatchObject({ refused: { id: 'glass-fibre' }, seams: [], hems: [], order: [] })
  expect(answer).not.toHaveProperty('needle')
})

it('answers for a cloth of which nothing is known', async () => {
  const { status, answer } = await sew({ fabric: {} })
  expect(status).toBe(200)
  expect(answer.warnings.map(({ id }) => id)).toContain('weight-guessed')
})

it.each([
  [400, {}, 'fabric'],
  [422, { fabric: {}, garment: 'sail' }, 'garment'],
  [422, { fabric: {}, machine: { smallestNeedle: 6 } }, 'machine.smallestNeedle'],
  [400, { fabric: {}, other: 1 }, 'other'],
] as const)('answers %i with a path to %j', async (expected, body, path) => {
  const { status, answer } = await sew(body)
  expect(status).toBe(expected)
  expect(JSON.stringify(answer.error)).toContain(path)
})

describe('prepare', () => {
  const asked = {
    pieces: [
      { id: 'main', fabric: { called: 'linen', gsm: 185 }, grams: 500, willBeWashed: 'warm', shade: 'light' },
      { id: 'lining', fabric: { called: 'lining', fibres: ['viscose'] }, grams: 200, bleeds: null, testSquare: null },
    ],
    project: { garment: 'trousers', details: ['lined'] },
    household: { washerKg: 6, dryer: true, lineMetres: 12, celsius: 18, humidityPercent: 60 },
    free: [
      { start: '2026-05-02T09:00', end: '2026-05-02T12:00' },
      { start: '2026-05-03T09:00', end: '2026-05-03T18:00' },
      { start: '2026-05-09T09:00', end: '2026-05-09T18:00' },
    ],
    schools: { prewash: 'twice' },
  }
  const prepare = async (body: unknown) => {
    const response = await prepareComputation.post(
      new Request('http://x/', { method: 'POST', body: JSON.stringify(body) }),
    )
    return { status: response.status, answer: await response.json() }
  }
  it('plans within the free hours, and the same for the same', async () => {
    const { status, answer } = await prepare(asked)
    expect(status).toBe(200)
    expect(PrepareResponse.safeParse(answer).success).toBe(true)
    const pieces = asked.pieces.map(({ id, grams }) => ({ id, grams }))
    expect(planFaults(answer, { pieces, household: asked.household, free: asked.free })).toEqual([])
    expect((await prepare(asked)).answer).toEqual(answer)
  })
  it('does with a cloth alone', async () => {
    const { status, answer } = await prepare({ pieces: [{ id: 'x', fabric: {} }] })
    expect(status).toBe(200)
    expect(answer.unscheduled).toHaveLength(answer.steps.length)
  })
  it.each([
    [422, { pieces: [] }, 'pieces'],
    [422, { ...asked, free: [{ start: '2026-05-02T09:00', end: '2026-05-02T09:00' }] }, 'free.0.end'],
    [422, { ...asked, free: [{ start: '2026-02-30T09:00', end: '2026-05-02T09:00' }] }, 'free.0.start'],
    [422, { ...asked, pieces: [asked.pieces[0], asked.pieces[0]] }, 'pieces.1.id'],
    [400, { ...asked, pieces: [{ id: 'x', fabric: {}, other: 1 }] }, 'pieces.0.other'],
  ] as const)('answers %i with a path', async (expected, body, path) => {
    const { status, answer } = await prepare(body)
    expect(JSON.stringify(answer)).toContain(path)
    expect(status).toBe(expected)
  })
})
