import { pathWords, type Issue } from './problem'
import { mustHave } from '@/core/lists/items'

/** More than any body of this program holds; each schema has narrower limits of its own. */
export const MOST = { depth: 24, items: 2000, keys: 200, characters: 20_000, values: 100_000 } as const

interface Step {
  value: unknown
  path: readonly (string | number)[]
}

/**
 * The first place where a body holds more than is ever read, so that no schema has to look at a hundred thousand
 * wrong items before it refuses them. Undefined where it is within bounds.
 */
export function beyondBounds(body: unknown): Issue | undefined {
  const waiting: Step[] = [{ value: body, path: [] }]
  for (let values = 0; waiting.length > 0; values++) {
    const { value, path } = mustHave(waiting.pop())
    const problem = tooMuch(value, path.length, values)
    if (problem) return { path: pathWords(path), message: problem }
    if (Array.isArray(value)) value.forEach((item, index) => waiting.push({ value: item, path: [...path, index] }))
    else if (typeof value === 'object' && value !== null)
      for (const [key, item] of Object.entries(value)) waiting.push({ value: item, path: [...path, key] })
  }
  return undefined
}

function tooMuch(value: unknown, depth: number, values: number): string | undefined {
  if (values > MOST.values) return `more than ${MOST.values} values`
  if (typeof value === 'string')
    return value.length > MOST.characters ? `at most ${MOST.characters} characters` : undefined
  if (typeof value !== 'object' || value === null) return undefined
  if (value instanceof Date && Number.isNaN(value.getTime())) return 'no date'
  if (depth >= MOST.depth) return `nested more than ${MOST.depth} deep`
  if (Array.isArray(value)) return value.length > MOST.items ? `at most ${MOST.items} of these` : undefined
  return Object.keys(value).length > MOST.keys ? `at most ${MOST.keys} keys` : undefined
}

/** Is every number in an answer a number? */
export function isFinite(answer: unknown): boolean {
  if (typeof answer === 'number') return Number.isFinite(answer)
  if (Array.isArray(answer)) return answer.every(isFinite)
  return typeof answer !== 'object' || answer === null || Object.values(answer).every(isFinite)
}
