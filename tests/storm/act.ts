import { actionsOf } from './requests'

// React's own encoding of arguments: what a page sends. It ships within Next, and without types.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const { encodeReply } = require('next/dist/compiled/react-server-dom-turbopack/client.browser') as {
  encodeReply: (value: unknown) => Promise<string | FormData>
}

const PATIENCE_MS = 8000

/** Does the program's actions as its pages do. */
export interface Doer {
  /** What the server wrote. */
  (name: string, ...values: unknown[]): Promise<string>
  answer: (name: string, ...values: unknown[]) => Promise<Response>
}

export function doerOf(url: string, build = '.next', patienceMs = PATIENCE_MS): Doer {
  const byName = new Map(actionsOf(build).map((action) => [action.name, action]))
  const answer = async (name: string, ...values: unknown[]) => {
    const { id, path } = byName.get(name)!
    const body = await encodeReply(values)
    const headers: Record<string, string> = { 'next-action': id, origin: url, accept: 'text/x-component' }
    if (typeof body === 'string') headers['content-type'] = 'text/plain;charset=UTF-8'
    const signal = AbortSignal.timeout(patienceMs)
    return fetch(url + path, { method: 'POST', headers, body, redirect: 'manual', signal })
  }
  const act = async (name: string, ...values: unknown[]) => (await answer(name, ...values)).text()
  return Object.assign(act, { answer })
}
