import { allPlain } from '../../core/text/render'
import { type z } from 'zod'
import { beyondBounds, isFinite } from './bounds'
import { isTrouble } from '../store/trouble'
import { pathWords, problem, problemOf, problemOfHeavy } from './problem'

/** Largest JSON body that is read, bytes. */
export const MOST_BYTES = 1024 * 1024

/** Thrown by a computation for input that only it can find wrong; answered as 422 with the path. */
export class NoSense extends Error {
  constructor(
    readonly path: readonly PropertyKey[],
    message: string,
  ) {
    super(message)
  }
}

/**
 * A route handler: the body parsed by the schema, the computation called, its answer checked and sent as JSON. Values
 * so far from any cloth that an answer is no number are refused, whatever let them in.
 */
export function postJson<Asked extends z.ZodType>(
  schema: Asked,
  answerSchema: z.ZodType,
  compute: (input: z.output<Asked>, signal: AbortSignal) => unknown,
) {
  return async (request: Request): Promise<Response> => {
    const text = await readLimited(request)
    if (text === undefined) {
      return problem(413, 'too-large', `The body is larger than ${MOST_BYTES / 1024} KiB.`, [
        { path: 'body', message: 'too large' },
      ])
    }
    let body: unknown
    try {
      body = JSON.parse(text)
    } catch {
      const message = text.trim() === '' ? 'the body is empty' : 'the body is not JSON'
      return problem(400, 'bad-json', 'The body must be JSON.', [{ path: 'body', message }])
    }
    const beyond = beyondBounds(body)
    if (beyond) return problem(422, 'makes-no-sense', `The body is too large: ${beyond.message}.`, [beyond])
    const parsed = schema.safeParse(body)
    if (!parsed.success) return problemOf(parsed.error)
    return answered(() => compute(parsed.data, request.signal), answerSchema)
  }
}

interface FormHandler<Asked extends z.ZodType> {
  schema: Asked
  answerSchema: z.ZodType
  /** The name of the file in the form. */
  file: string
  /** What it is called in a sentence. */
  fileWord: string
  /** The largest file that is read, bytes. */
  mostBytes: number
  run: (input: z.output<Asked>, signal: AbortSignal) => unknown
}

/** The same of a body that is a form with a file in it. */
export function postForm<Asked extends z.ZodType>({
  schema,
  answerSchema,
  file,
  fileWord,
  mostBytes,
  run,
}: FormHandler<Asked>) {
  const tooLarge = () =>
    problem(413, 'too-large', `The ${fileWord} is larger than ${mostBytes / 1024 / 1024} MiB.`, [
      { path: file, message: 'too large' },
    ])
  return async (request: Request): Promise<Response> => {
    // The form’s own marks take a little more than the file.
    if (Number(request.headers.get('content-length') ?? 0) > mostBytes + 64 * 1024) return tooLarge()
    let form: FormData
    try {
      form = await request.formData()
    } catch {
      const message = 'the body is not multipart/form-data'
      return problem(400, 'bad-input', 'The body must be multipart/form-data.', [{ path: 'body', message }])
    }
    const parsed = schema.safeParse(Object.fromEntries(form))
    if (!parsed.success) return problemOf(parsed.error)
    const sent = form.get(file)
    if (sent instanceof Blob && sent.size > mostBytes) return tooLarge()
    return answered(() => run(parsed.data, request.signal), answerSchema, file)
  }
}

/** What a computation answers, checked; or why it does not. @param path of what may be too much */
async function answered(compute: () => unknown, answerSchema: z.ZodType, path?: string): Promise<Response> {
  try {
    const answer = await compute()
    if (!isFinite(answer)) throw new NoSense([], 'something in it is so large or small that nothing follows from it')
    return Response.json(answerSchema.parse(allPlain(answer)))
  } catch (error) {
    if (error instanceof NoSense) {
      return problem(422, 'makes-no-sense', error.message, [{ path: pathWords(error.path), message: error.message }])
    }
    const refused = problemOfHeavy(error, path)
    if (refused) return refused
    if (isTrouble(error)) return problem(503, 'notebook-trouble', `${error.message}.`, [])
    console.error(error)
    return problem(500, 'failed', 'Something went wrong here; nothing was changed.', [])
  }
}

/** The body as text, or undefined once it is longer than is read; the rest is not kept. */
async function readLimited(request: Request): Promise<string | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) return undefined
  if (!request.body) return ''
  const reader = request.body.getReader()
  const chunks: Uint8Array[] = []
  let size = 0
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    size += value.byteLength
    if (size > MOST_BYTES) {
      await reader.cancel()
      return undefined
    }
    chunks.push(value)
  }
  return new TextDecoder().decode(Buffer.concat(chunks))
}
