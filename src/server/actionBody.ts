import { beyondBounds } from './api/bounds'
import { type Issue } from './api/problem'

/** Arguments that any action of this program takes, and a few more. */
const MOST_ARGUMENTS = 8

/** What React's encoding puts in place of a value that JSON has not, or before a text that begins with a dollar. */
const ENCODED = /^\$(\$|undefined$|NaN$|-?Infinity$|-0$|D\d{4}-|n-?\d)/

/**
 * What is wrong with the arguments that a page sends to an action, before the framework decodes them: it answers 500 to
 * what it cannot decode, and this is a 400. Undefined where nothing is.
 * @param text of the body: a list in JSON, in React's encoding of arguments
 */
export function actionBodyProblem(text: string): Issue | undefined {
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch {
    return { path: 'body', message: 'the arguments are not JSON' }
  }
  if (!Array.isArray(body)) return { path: 'body', message: 'the arguments are not a list' }
  if (body.length > MOST_ARGUMENTS) return { path: 'body', message: `at most ${MOST_ARGUMENTS} arguments` }
  return beyondBounds(body) ?? (isEncoded(body) ? undefined : { path: 'body', message: 'a reference to nothing' })
}

function isEncoded(value: unknown): boolean {
  if (typeof value === 'string') return !value.startsWith('$') || ENCODED.test(value)
  if (typeof value !== 'object' || value === null) return true
  return (Array.isArray(value) ? value : Object.values(value)).every(isEncoded)
}
