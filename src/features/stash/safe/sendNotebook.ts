import { mustHave } from '@/core/lists/items'

/** What came of sending a notebook in. */
export type SentNotebook =
  | { ok: true; created: number; changed: number; same: number; pictures: number; picturesRefused: number }
  | { ok: false; message: string; issues: { path: string; message: string }[] }

interface Told {
  progress?: { done: number; of: number }
  status?: number
  body?: { error?: { message: string; issues: { path: string; message: string }[] } }
}

const UNREACHED: SentNotebook = {
  ok: false,
  message: 'We could not reach the notebook. Nothing was imported.',
  issues: [],
}

/**
 * Sends a document or an archive, and says how far it is.
 * @returns undefined where it was stopped
 */
export async function sendNotebook(
  file: File,
  isTrial: boolean,
  signal: AbortSignal,
  onProgress: (progress: { done: number; of: number }) => void,
): Promise<SentNotebook | undefined> {
  try {
    const answer = await fetch(`/api/v1/import?progress=1&trial=${isTrial ? 1 : 0}`, {
      method: 'POST',
      body: file,
      headers: { 'content-type': 'application/octet-stream' },
      signal,
    })
    let last: Told = {}
    for await (const line of linesOf(answer)) {
      last = JSON.parse(line) as Told
      if (last.progress) onProgress(last.progress)
    }
    return sentFrom(answer.ok ? last : { status: answer.status, body: last as Told['body'] })
  } catch {
    return signal.aborted ? undefined : UNREACHED
  }
}

function sentFrom({ status, body }: Told): SentNotebook {
  if (status === 200) return { ok: true, ...(body as Omit<Extract<SentNotebook, { ok: true }>, 'ok'>) }
  return body?.error ? { ok: false, message: body.error.message, issues: body.error.issues } : UNREACHED
}

async function* linesOf(answer: Response): AsyncGenerator<string> {
  const reader = mustHave(answer.body).pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (;;) {
    const { value, done } = await reader.read()
    const lines = (rest + (value ?? '')).split('\n')
    rest = done ? '' : mustHave(lines.pop())
    yield* lines.filter(Boolean)
    if (done) return
  }
}
