import { z } from 'zod'
import { showInput } from '../../core/notebook/schemas/words'
import { isHeavyRefusal } from '../jobs/refusal'
import { plainMessage } from './plainIssue'

/** Bad input as the contract words it: data with a path, never a stack trace. */
export const ProblemSchema = z.strictObject({
  error: z.strictObject({
    code: z.enum([
      'bad-json',
      'bad-input',
      'makes-no-sense',
      'too-large',
      'not-found',
      'foreign-origin',
      'foreign-host',
      'not-let-in',
      'busy',
      'notebook-trouble',
      'stopped',
      'failed',
    ]),
    message: z.string(),
    issues: z.array(z.strictObject({ path: z.string(), message: z.string() })),
  }),
})

export type ProblemCode = z.infer<typeof ProblemSchema>['error']['code']

export interface Issue {
  path: string
  message: string
}

export function problem(status: number, code: ProblemCode, message: string, issues: readonly Issue[]): Response {
  return Response.json({ error: { code, message, issues } }, { status })
}

/** How soon a client may ask again, seconds. */
const AGAIN_AFTER = 5

/**
 * Heavy work that was not done, as an answer; undefined where it is another error.
 * @param path of what was too much
 */
export function problemOfHeavy(error: unknown, path = 'body'): Response | undefined {
  if (!isHeavyRefusal(error)) return undefined
  const issues = [{ path, message: error.message }]
  if (error.why === 'stopped') return problem(409, 'stopped', error.message, [])
  if (error.why === 'large') return problem(413, 'too-large', error.message, issues)
  if (error.why === 'long') return problem(422, 'makes-no-sense', error.message, issues)
  const answer = problem(503, 'busy', error.message, [])
  answer.headers.set('retry-after', String(AGAIN_AFTER))
  return answer
}

/** `observations.0.states.1`; `body` for the whole of it. */
export function pathWords(path: readonly PropertyKey[]): string {
  return path.length === 0 ? 'body' : path.map(String).join('.')
}

/** Characters of a key that are said again. */
const MOST_KEY = 60

/** So many refusals are listed; the rest would say the same. */
export const MOST_ISSUES = 20

/** Zod's issues as the contract's, each unknown key at a path of its own; the first twenty. */
export function issuesOf(error: z.ZodError): Issue[] {
  const issues = error.issues.slice(0, MOST_ISSUES).flatMap((issue) => {
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.slice(0, MOST_ISSUES).map((key) => ({
        path: pathWords([...issue.path, key.slice(0, MOST_KEY)]),
        message: `${showInput(key)} is not known here`,
      }))
    }
    return [{ path: pathWords(issue.path), message: plainMessage(issue) }]
  })
  return issues.slice(0, MOST_ISSUES)
}

/** Wrong shapes are bad input (400); right shapes with wrong contents make no sense (422). */
export function problemOf(error: z.ZodError): Response {
  return error.issues.some(isWrongShape)
    ? problem(400, 'bad-input', 'The body does not have the right shape.', issuesOf(error))
    : problem(
        422,
        'makes-no-sense',
        'The body has the right shape, but something in it makes no sense.',
        issuesOf(error),
      )
}

/** What may be this or that has the wrong shape only where it has the shape of neither. */
function isWrongShape(issue: z.core.$ZodIssue): boolean {
  if (issue.code !== 'invalid_union') return issue.code === 'invalid_type' || issue.code === 'unrecognized_keys'
  return issue.errors.every((branch) => branch.some(isWrongShape))
}
