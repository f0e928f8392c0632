import { beyondBounds } from '../api/bounds'
import { type Issue } from '../api/problem'

/** Arguments that any action of this program takes, and a few more. */
const MOST_ARGUMENTS = 8

/**
 * What is too much of the arguments that a page sends to an action, before they are decoded; undefined: nothing.
 * @param text of the body: a list in JSON
 */
export function actionBodyProblem(text: string): Issue | undefined {
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch {
    return { path: 'body', message: 'the arguments are not JSON' }
  }
  return argumentsProblem(body)
}

/** What is too much of arguments, or no list of them; undefined: nothing. What refers to itself has no end. */
export function argumentsProblem(told: unknown): Issue | undefined {
  if (!Array.isArray(told)) return { path: 'body', message: 'the arguments are not a list' }
  if (told.length > MOST_ARGUMENTS) return { path: 'body', message: `at most ${MOST_ARGUMENTS} arguments` }
  return beyondBounds(told)
}
