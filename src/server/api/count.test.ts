import sharp from 'sharp'
import { drafts } from '../../core/weave/drafts'
import { dice } from '../../../tests/support/seen'
import { weavePicture } from '../../../tests/support/weavePicture'
import { countComputation, CountResponse } from './count'

// The worker threads run in the real server, and are tested there.
jest.mock('../jobs/pool', () => jest.requireActual('../../../tests/support/jobsHere'))

const taken = {
  drawdown: drafts.plain!,
  endsPerCm: 24,
  picksPerCm: 20,
  pixelsPerCm: 260,
  width: 420,
  height: 360,
  noise: 4,
}
const { data } = weavePicture(taken, dice(3))
const grey = sharp(Buffer.from(data.map(Math.round)), { raw: { width: 420, height: 360, channels: 1 } })

async function ask(fields: Record<string, Blob | string>) {
  const form = new FormData()
  for (const [key, value] of Object.entries(fields)) form.set(key, value)
  const response = await countComputation.post(new Request('http://localhost/', { method: 'POST', body: form }))
  return { status: response.status, body: (await response.json()) as { error?: { issues: { path: string }[] } } }
}
const blob = (buffer: Buffer) => new Blob([new Uint8Array(buffer)])

it.each([
  ['png', () => grey.clone().png().toBuffer()],
  ['jpeg', () => grey.clone().jpeg({ quality: 90 }).toBuffer()],
  ['webp', () => grey.clone().webp({ quality: 90 }).toBuffer()],
] as const)('counts a %s', async (_, encode) => {
  const { status, body } = await ask({ image: blob(await encode()), pixelsPerCm: '260' })
  expect(status).toBe(200)
  const { sets, interlacingHint } = CountResponse.parse(body)
  expect(Math.abs(sets[0].threadsPerCm / 24 - 1)).toBeLessThan(0.01)
  expect(Math.abs(sets[1].threadsPerCm / 20 - 1)).toBeLessThan(0.01)
  expect(sets[0].threadsPerInch).toBeCloseTo(sets[0].threadsPerCm * 2.54, 9)
  expect(interlacingHint).toBe('plain')
})

it('turns a picture as its EXIF says', async () => {
  const sideways = await grey.clone().rotate(90).jpeg().withMetadata({ orientation: 8 }).toBuffer()
  const { body } = await ask({ image: blob(sideways), pixelsPerCm: '260' })
  expect(Math.abs(CountResponse.parse(body).sets[0].threadsPerCm / 24 - 1)).toBeLessThan(0.01)
})

it.each([
  ['a picture of nothing', { image: 'flat', pixelsPerCm: '100' }, 422, 'image'],
  ['no picture', { pixelsPerCm: '100' }, 400, 'image'],
  ['something else', { image: 'text', pixelsPerCm: '100' }, 422, 'image'],
  ['no scale', { image: 'flat' }, 400, 'pixelsPerCm'],
  ['a scale of nothing', { image: 'flat', pixelsPerCm: '0' }, 422, 'pixelsPerCm'],
  ['an unknown key', { image: 'flat', pixelsPerCm: '10', zoom: '3' }, 400, 'zoom'],
])('refuses %s with its path', async (_, fields, status, path) => {
  const flat = await sharp({ create: { width: 300, height: 300, channels: 3, background: '#887766' } })
    .png()
    .toBuffer()
  const files: Record<string, Blob> = { flat: blob(flat), text: new Blob(['no picture']) }
  const answer = await ask(
    Object.fromEntries(Object.entries(fields).map(([key, value]) => [key, files[value] ?? value])),
  )
  expect([answer.status, answer.body.error?.issues.map((issue) => issue.path)]).toEqual([
    status,
    expect.arrayContaining([path]),
  ])
})

it('refuses what is no form', async () => {
  const response = await countComputation.post(
    new Request('http://localhost/', { method: 'POST', body: '{}', headers: { 'content-type': 'application/json' } }),
  )
  expect(response.status).toBe(400)
})
