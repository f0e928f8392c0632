import { type z } from 'zod'
import { postForm, postJson } from './handle'

/** A computation that scripts may ask for: `POST /api/v1/<name>`. */
export interface Computation {
  name: string
  /** One sentence. */
  summary: string
  request: z.ZodType
  response: z.ZodType
  /** The name of the file where the body is a form with one. */
  file?: string
  /** A body that it answers to; of a form what stands beside the file. */
  example: unknown
  post: (request: Request) => Promise<Response>
}

interface Described<Asked extends z.ZodType> extends Omit<Computation, 'post' | 'file' | 'request' | 'example'> {
  request: Asked
  example: z.input<Asked>
  run: (input: z.output<Asked>, signal: AbortSignal) => unknown
}

/** A computation whose body is JSON. */
export function computation<Asked extends z.ZodType>({ run, ...described }: Described<Asked>): Computation {
  return { ...described, post: postJson(described.request, described.response, run) }
}

interface DescribedForm<Asked extends z.ZodType, File extends string & keyof z.input<Asked>> {
  name: string
  summary: string
  request: Asked
  response: z.ZodType
  file: File
  /** What the file is called in a sentence, and its largest size, bytes. */
  fileWord: string
  mostBytes: number
  example: Omit<z.input<Asked>, File>
  run: (input: z.output<Asked>, signal: AbortSignal) => unknown
}

/** A computation whose body is a form with a file in it. */
export function formComputation<Asked extends z.ZodType, File extends string & keyof z.input<Asked>>({
  run,
  fileWord,
  mostBytes,
  ...described
}: DescribedForm<Asked, File>): Computation {
  const { request, response, file } = described
  return { ...described, post: postForm({ schema: request, answerSchema: response, file, fileWord, mostBytes, run }) }
}
