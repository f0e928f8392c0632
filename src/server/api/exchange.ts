import { z } from 'zod'
import { exchangeJsonSchema } from '../../core/formats/json/document'
import { notebook } from '../database'
import { exportedJson } from '../exchange/exporting'
import { importInto, type ImportProgress } from '../exchange/importing'
import { exportedZip } from '../exchange/zipping'
import { type ImportOutcome } from '../exchange/importing'
import { shownHome } from '../sample/sampleNotebook'
import { isNotWritten } from '../store/connection'
import { isTrouble } from '../store/trouble'
import { problem, issuesOf, problemOfHeavy } from './problem'
import { dayOf } from '../../core/units/day'

/** The largest document or archive that is taken in, bytes. */
export const MOST_IMPORT_BYTES = 250 * 1024 * 1024

export const ImportResponse = z.object({
  /** Records of the document. */
  records: z.number(),
  created: z.number(),
  changed: z.number(),
  same: z.number(),
  /** Pictures that were put into the notebook's folder, and those that could not be read. */
  pictures: z.number(),
  picturesRefused: z.number(),
})

const ExportQuery = z.object({ format: z.enum(['json', 'zip', 'schema']).default('json') })
const ImportQuery = z.object({
  /** Tells what it would do, and does nothing. */
  trial: z.enum(['0', '1']).default('0'),
  /** Answers lines of JSON, one as often as it gets on, the outcome last. */
  progress: z.enum(['0', '1']).default('0'),
})

const queryOf = (request: Request) => Object.fromEntries(new URL(request.url).searchParams)

/** GET /api/v1/export: the whole notebook as one document, as an archive, or the schema of the document. */
export async function getExport(request: Request): Promise<Response> {
  const asked = ExportQuery.safeParse(queryOf(request))
  if (!asked.success) return problem(400, 'bad-input', 'There is no such format.', issuesOf(asked.error))
  const { format } = asked.data
  if (format === 'schema') return Response.json(exchangeJsonSchema())
  const at = new Date().toISOString()
  let db
  try {
    db = await notebook()
  } catch (error) {
    return troubled(error)
  }
  const parts = format === 'zip' ? exportedZip(db, await shownHome(), at) : encoded(exportedJson(db, at))
  return new Response(streamOf(parts), {
    headers: {
      'content-type': format === 'zip' ? 'application/zip' : 'application/json',
      'content-disposition': `attachment; filename="rough-swatch-${dayOf(at)}.${format}"`,
      'cache-control': 'no-store',
    },
  })
}

/** POST /api/v1/import: a document or an archive, all of it or nothing. */
export async function postImport(request: Request): Promise<Response> {
  const asked = ImportQuery.safeParse(queryOf(request))
  if (!asked.success)
    return problem(400, 'bad-input', 'We don’t understand this import request.', issuesOf(asked.error))
  const bytes = await bytesOf(request)
  if (bytes instanceof Response) return bytes
  const { trial, progress } = asked.data
  const work = async (onProgress: (told: ImportProgress) => void, signal: AbortSignal) =>
    importInto(await notebook(), bytes, { at: new Date().toISOString(), isTrial: trial === '1', signal, onProgress })
  if (progress === '1') return told(work, request.signal)
  try {
    return answered(await work(() => {}, request.signal))
  } catch (error) {
    return troubled(error)
  }
}

/** Lines of JSON as it gets on, the outcome or the problem last; a reader that goes away stops it. */
function told(
  work: (onProgress: (told: ImportProgress) => void, signal: AbortSignal) => Promise<ImportOutcome>,
  signal: AbortSignal,
): Response {
  const stopping = new AbortController()
  signal.addEventListener('abort', () => stopping.abort())
  const encoder = new TextEncoder()
  const body = new ReadableStream<Uint8Array>({
    async start(controller) {
      const say = (line: unknown) => {
        if (!stopping.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(line)}\n`))
      }
      try {
        const answer = answered(await work((one) => say({ progress: one }), stopping.signal))
        say({ status: answer.status, body: await answer.json() })
      } catch (error) {
        const answer = troubled(error)
        say({ status: answer.status, body: await answer.json() })
      }
      if (!stopping.signal.aborted) controller.close()
    },
    cancel: () => stopping.abort(),
  })
  return new Response(body, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } })
}

function answered(outcome: ImportOutcome): Response {
  if ('issues' in outcome)
    return problem(
      422,
      'makes-no-sense',
      'Nothing was imported: something in it does not make sense.',
      outcome.issues,
    )
  if ('stopped' in outcome) return problem(409, 'stopped', 'Stopped. Nothing was imported.', [])
  return Response.json(ImportResponse.parse(outcome))
}

/** @throws whatever is no trouble of the notebook's */
function troubled(error: unknown): Response {
  const refused = problemOfHeavy(error)
  if (refused) return refused
  if (isNotWritten(error)) return problem(503, 'busy', error.message, [])
  if (isTrouble(error)) return problem(503, 'notebook-trouble', error.message, [])
  throw error
}

const tooLarge = () =>
  problem(413, 'too-large', `You can import ${MOST_IMPORT_BYTES / 1024 / 1024} MiB at once.`, [
    { path: 'body', message: 'too large' },
  ])

/** The document or archive: the body itself, or the file of a form. */
async function bytesOf(request: Request): Promise<Uint8Array | Response> {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_IMPORT_BYTES + 64 * 1024) return tooLarge()
  const nothing = (path: string) =>
    problem(400, 'bad-input', 'There is nothing to import.', [
      { path, message: 'a document or an archive is needed' },
    ])
  if (request.headers.get('content-type')?.startsWith('multipart/form-data')) {
    const form = await request.formData().catch(() => undefined)
    const file = form?.get('file')
    if (!(file instanceof Blob)) return nothing('file')
    return file.size > MOST_IMPORT_BYTES ? tooLarge() : new Uint8Array(await file.arrayBuffer())
  }
  const bytes = new Uint8Array(await request.arrayBuffer())
  if (bytes.length === 0) return nothing('body')
  return bytes.length > MOST_IMPORT_BYTES ? tooLarge() : bytes
}

async function* encoded(texts: AsyncIterable<string>): AsyncGenerator<Uint8Array> {
  const encoder = new TextEncoder()
  for await (const text of texts) yield encoder.encode(text)
}

/** A stream that makes its parts as they are read. */
function streamOf(parts: AsyncGenerator<Uint8Array>): ReadableStream<Uint8Array> {
  return new ReadableStream({
    async pull(controller) {
      const { value, done } = await parts.next()
      if (done) controller.close()
      else controller.enqueue(value)
    },
    async cancel() {
      await parts.return(undefined)
    },
  })
}
