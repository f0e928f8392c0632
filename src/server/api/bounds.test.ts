import { z } from 'zod'
import { recordKinds } from '../../core/notebook/kinds'
import { beyondBounds, isFinite, MOST } from './bounds'
import { CountRequest } from './count'
import { IdentifyRequest } from './identify'
import { MatchRequest } from './match'
import { NameRequest } from './name'
import { WeighRequest } from './weigh'

type Json = Record<string, unknown>

/** Paths of a JSON schema where something could be as large as it likes. */
function unbounded(schema: Json, path = '', seen = new Set<Json>()): string[] {
  if (seen.has(schema)) return []
  seen.add(schema)
  const own: string[] = []
  if (schema.enum === undefined && schema.const === undefined) {
    if (schema.type === 'string' && schema.maxLength === undefined && !schema.format && !schema.pattern)
      own.push(path)
    if (schema.type === 'array' && schema.maxItems === undefined && schema.prefixItems === undefined) own.push(path)
    if (schema.type === 'number' || schema.type === 'integer') {
      const [low, high] = [schema.minimum ?? schema.exclusiveMinimum, schema.maximum ?? schema.exclusiveMaximum]
      if (typeof low !== 'number' || typeof high !== 'number' || high > 1e9) own.push(path)
    }
  }
  const inner = Object.entries(schema).flatMap(([key, value]) => {
    const parts = Array.isArray(value) ? value : [value]
    return parts.flatMap((part) =>
      typeof part === 'object' && part !== null ? unbounded(part as Json, `${path}/${key}`, seen) : [],
    )
  })
  return [...own, ...inner]
}

const bodies = { IdentifyRequest, MatchRequest, NameRequest, WeighRequest }
const schemas: [string, z.ZodType][] = [
  ...Object.entries(bodies),
  ...Object.values(recordKinds).map(({ id, schema }): [string, z.ZodType] => [id, schema]),
]

it.each(schemas)('everything that %s lets in has a limit', (_, schema) => {
  const json = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })
  expect(unbounded(json as Json)).toEqual([])
})

it('the walk over the schemas finds what has no limit', () => {
  const open = z.object({ text: z.string(), list: z.array(z.boolean()), number: z.number().min(0) })
  expect(unbounded(z.toJSONSchema(open) as Json)).toHaveLength(3)
  expect(CountRequest.shape.pixelsPerCm.safeParse(1e308).success).toBe(false)
})

describe('a body', () => {
  const nested = (depth: number): unknown => (depth === 0 ? 1 : [nested(depth - 1)])

  it.each<[string, unknown, string]>([
    ['a list', { states: Array.from({ length: MOST.items + 1 }, () => 1) }, 'states'],
    ['a text', { a: [{ b: 'x'.repeat(MOST.characters + 1) }] }, 'a.0.b'],
    ['an object', Object.fromEntries(Array.from({ length: MOST.keys + 1 }, (_, i) => [`k${i}`, 1])), 'body'],
    ['a depth', nested(MOST.depth + 1), Array.from({ length: MOST.depth }, () => '0').join('.')],
  ])('beyond the limit of %s is told where', (_, body, path) => {
    expect(beyondBounds(body)).toMatchObject({ path })
  })

  it('of too many values altogether is refused, although no list of it is too long', () => {
    const rows = Array.from({ length: 1000 }, () => Array.from({ length: 150 }, () => 0))
    expect(beyondBounds(rows)?.message).toMatch(/values/)
  })

  it('at its limits passes', () => {
    expect(
      beyondBounds({ a: Array.from({ length: MOST.items }, () => 'x'), b: nested(MOST.depth - 1) }),
    ).toBeUndefined()
    expect(beyondBounds(null)).toBeUndefined()
  })
})

it('an answer is finite throughout, or it is none', () => {
  expect(isFinite({ a: [1, { b: null, c: 'x' }] })).toBe(true)
  expect(isFinite({ a: [1, { b: Infinity }] })).toBe(false)
  expect(isFinite(NaN)).toBe(false)
})

test('a date that is none is refused where it stands', () => {
  expect(beyondBounds([{ taken: new Date('x') }])).toEqual({ path: '0.taken', message: 'no date' })
  expect(beyondBounds([{ taken: new Date(0) }])).toBeUndefined()
})
