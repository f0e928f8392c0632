import { decodeReply } from 'next/dist/compiled/react-server-dom-turbopack/server.node'
import { argumentsProblem } from './actionBody'
import { type Issue } from '../api/problem'

/**
 * What is wrong with the arguments of an action as the framework itself would decode them: of what it cannot decode it
 * says 500, and this is a 400. Undefined where nothing is.
 */
export async function decodingIssue(body: string | FormData): Promise<Issue | undefined> {
  try {
    return argumentsProblem(await decodeReply(body, {}))
  } catch {
    return { path: 'body', message: 'the arguments cannot be read' }
  }
}
