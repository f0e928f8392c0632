import { type z } from 'zod'
import { postSew, SewResponse } from './sew'

async function sew(
  body: unknown,
): Promise<{ status: number; answer: z.output<typeof SewResponse> & { error?: unknown } }> {
  const response = await postSew(new Request('http://x/', { method: 'POST', body: JSON.stringify(body) }))
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
