import { decodeReply } from 'next/dist/compiled/react-server-dom-turbopack/server.node'
import { beyondBounds } from './api/bounds'
import { type Issue } from './api/problem'

/**
 * What is wrong with the arguments of an action as the framework itself would decode them: of what it cannot decode it
 * says 500, and this is a 400. Undefined where nothing is.
 */
export async function undecodable(body: string | FormData): Promise<Issue | undefined> {
  try {
    const told: unknown = await decodeReply(body, {})
    if (!Array.isArray(told)) return { path: 'body', message: 'the arguments are not a list' }
    // What refers to itself has no end.
    return beyondBounds(told)
  } catch {
    return { path: 'body', message: 'the arguments cannot be read' }
  }
}
