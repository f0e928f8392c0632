import { z } from 'zod'
import { runJob } from '../jobs/pool'
import { formComputation } from './computation'
import { NoSense } from './handle'

/** The largest picture file that is read, bytes. */
export const MOST_IMAGE_BYTES = 25 * 1024 * 1024

export const CountRequest = z.strictObject({
  /** A PNG, JPEG or WebP file. */
  image: z.file('a PNG, JPEG or WebP file is needed'),
  pixelsPerCm: z.coerce
    .number('a number is needed')
    .gt(0, 'a scale is more than zero')
    .max(100_000, 'no camera sees so fine'),
})

const set = z.object({
  threadsPerCm: z.number(),
  threadsPerInch: z.number(),
  angleDeg: z.number(),
  confidence: z.number().min(0).max(1),
})

export const CountResponse = z.object({
  sets: z.tuple([set, set]),
  skewDeg: z.number(),
  twillAngleDeg: z.number().nullable(),
  interlacingHint: z.string().nullable(),
  warnings: z.array(z.string()),
})

export const countComputation = formComputation({
  name: 'count',
  summary: 'Threads per centimetre each way, from a picture of known scale.',
  request: CountRequest,
  response: CountResponse,
  file: 'image',
  fileWord: 'picture',
  mostBytes: MOST_IMAGE_BYTES,
  example: { pixelsPerCm: 400 },
  run: async ({ image, pixelsPerCm }, signal) => {
    const outcome = await runJob(
      'countPicture',
      { bytes: new Uint8Array(await image.arrayBuffer()), pixelsPerCm },
      signal,
    )
    if ('refused' in outcome) throw new NoSense(['image'], outcome.refused)
    return outcome.count
  },
})
