import { headers } from 'next/headers'
import { REQUEST_KEY } from './requestKey'
import { mustHave } from '@/core/lists/items'

/** So many answers are remembered; whoever asks again does so within minutes. */
const MOST = 500

type Answer = Promise<{ ok: boolean }>

// A development server reloads modules; what was answered stays.
const kept = globalThis as { roughSwatchAnswers?: Map<string, Answer> }
const answers = () => (kept.roughSwatchAnswers ??= new Map())

/** How often something was kept within one request: its second outcome is not its first. */
const counts = new WeakMap<object, number>()

/**
 * Does something to the notebook once for each request that a page sends: sent again, because the answer was lost on
 * its way, it is answered as before and not done a second time. What was refused is tried anew.
 */
export async function answeredOnce<T extends { ok: boolean }>(work: () => Promise<T>): Promise<T> {
  const key = await requestKey()
  if (key === undefined) return work()
  const known = answers().get(key) as Promise<T> | undefined
  if (known) return known
  const answer = work()
  answers().set(key, answer)
  if (answers().size > MOST) answers().delete(mustHave(answers().keys().next().value))
  const forget = () => answers().delete(key)
  answer.then(({ ok }) => {
    if (!ok) forget()
  }, forget)
  return answer
}

async function requestKey(): Promise<string | undefined> {
  // Outside a request there is none.
  const sent = await Promise.resolve()
    .then(() => headers())
    .catch(() => undefined)
  const said = sent?.get(REQUEST_KEY)
  if (!sent || !said || !/^[\w-]{8,64}$/.test(said)) return undefined
  const count = (counts.get(sent) ?? 0) + 1
  counts.set(sent, count)
  return `${said} ${count}`
}
