import { oneOf, type Random } from './random'

type Json = null | boolean | number | string | Json[] | { [key: string]: Json }

function nested(depth: number): Json {
  let value: Json = 'x'
  for (let i = 0; i < depth; i++) value = i % 2 ? [value] : { a: value }
  return value
}

/** Values that no page of ours would send. */
const NASTY: readonly (() => Json)[] = [
  () => null,
  () => '',
  () => '\u0000',
  () => '\ud800',
  () => 'x'.repeat(30_000),
  () => '‮<script>alert(1)</script>',
  () => '../../../../etc/passwd',
  () => -1,
  () => 0,
  () => 5e-324,
  () => 1e308,
  () => 2 ** 53,
  () => 1.5,
  () => true,
  () => [],
  () => ({}),
  () => ({ toString: 1 }),
  () => JSON.parse('{"__proto__":{"a":1},"constructor":{"prototype":1}}') as Json,
  () => ({ length: 1e9 }),
  () => [[[[]]]],
  () => nested(300),
  () => Array.from({ length: 3000 }, (_, i) => `state ${i}`),
  () => Array.from({ length: 900 }, (_, i) => ({ feature: 'smell', states: [`s${i}`] })),
  () => Object.fromEntries(Array.from({ length: 1000 }, (_, i) => [`key ${i}`, i])),
  () => '00000000-0000-7000-8000-000000000000',
  () => 'constructor',
]

export function nasty(random: Random): Json {
  return oneOf(random, NASTY)()
}

/** The same body with one place, or a few, made nasty: replaced, taken out, added or repeated. */
export function spoilt(body: Json, random: Random): Json {
  if (random() < 0.12 || typeof body !== 'object' || body === null) return nasty(random)
  if (Array.isArray(body)) {
    const how = random()
    if (how < 0.15) return [...body, nasty(random)]
    if (how < 0.25 && body.length > 0) return Array.from({ length: 1 + Math.floor(random() * 3000) }, () => body[0]!)
    const at = Math.floor(random() * body.length)
    return body.map((item, index) => (index === at ? spoilt(item, random) : item))
  }
  const keys = Object.keys(body)
  const how = random()
  if (how < 0.1) return { ...body, [`more ${Math.floor(random() * 9)}`]: nasty(random) }
  const key = oneOf(random, keys)
  if (key === undefined) return nasty(random)
  if (how < 0.2) return Object.fromEntries(Object.entries(body).filter(([own]) => own !== key))
  return { ...body, [key]: spoilt(body[key]!, random) }
}
