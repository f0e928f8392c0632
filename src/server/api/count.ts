import { z } from 'zod'
import { runJob } from '../jobs/pool'
import { problem, problemOf, problemOfHeavy } from './problem'

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

const tooLarge = (message: string) => problem(413, 'too-large', message, [{ path: 'image', message: 'too large' }])
const noSense = (message: string) => problem(422, 'makes-no-sense', message, [{ path: 'image', message }])

/** POST /api/v1/count: a picture in, the threads each way out; 422 where there is nothing to count. */
export async function postCount(request: Request): Promise<Response> {
  // The form's own marks take a little more than the file.
  if (Number(request.headers.get('content-length') ?? 0) > MOST_IMAGE_BYTES + 64 * 1024)
    return tooLarge('The picture is larger than 25 MiB.')
  let form: FormData
  try {
    form = await request.formData()
  } catch {
    return problem(400, 'bad-input', 'The body must be multipart/form-data.', [
      { path: 'body', message: 'the body is not multipart/form-data' },
    ])
  }
  const parsed = CountRequest.safeParse(Object.fromEntries(form))
  if (!parsed.success) return problemOf(parsed.error)
  const { image, pixelsPerCm } = parsed.data
  if (image.size > MOST_IMAGE_BYTES) return tooLarge('The picture is larger than 25 MiB.')
  try {
    const task = { bytes: new Uint8Array(await image.arrayBuffer()), pixelsPerCm }
    const outcome = await runJob('countPicture', task, request.signal)
    return 'refused' in outcome ? noSense(outcome.refused) : Response.json(CountResponse.parse(outcome.count))
  } catch (error) {
    const refused = problemOfHeavy(error, 'image')
    if (refused) return refused
    throw error
  }
}
