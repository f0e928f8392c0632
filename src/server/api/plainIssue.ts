import { type z } from 'zod'
import { mustHave } from '@/core/lists/items'

const EXPECTED: Readonly<Record<string, string>> = {
  number: 'a number is expected',
  int: 'a whole number is expected',
  string: 'text is expected',
  boolean: 'yes or no is expected',
  array: 'a list is expected',
  tuple: 'a list is expected',
  object: 'fields with names are expected',
  record: 'fields with names are expected',
  null: 'nothing is expected',
}

/** What the library says by itself, and how a person says it. */
const TOLD: readonly (readonly [RegExp, (...found: string[]) => string])[] = [
  [/^Invalid input: expected [\w|]+, received undefined$/, () => 'this is missing'],
  [/^Invalid input: expected nonoptional, received undefined$/, () => 'this is missing'],
  [
    /^Invalid input: expected (\w+), received \w+$/,
    (kind) => EXPECTED[mustHave(kind)] ?? 'something else is expected',
  ],
  [
    /^Invalid (?:input|option): expected (?:one of )?(.+)$/,
    (all) => `expected: ${mustHave(all).replaceAll('|', ', ')}`,
  ],
  [/^Too small: expected \w+ to be >=?\s?(-?[\d.e+]+)$/, (least) => `at least ${least}`],
  [/^Too big: expected \w+ to be <=?\s?(-?[\d.e+]+)$/, (most) => `at most ${most}`],
  [/^Too small: expected \w+ to have >=?\s?(\d+) (\w+)$/, (least, what) => `at least ${least} ${what}`],
  [/^Too big: expected \w+ to have <=?\s?(\d+) (\w+)$/, (most, what) => `at most ${most} ${what}`],
  [/^Invalid (?:input|string|key in record|element in \w+)\b.*$/, () => 'this is not understood here'],
]

/** What is wrong, in words that a person says: a schema's own are kept, the library's are put plainly. */
export function plainMessage({ message }: Pick<z.core.$ZodIssue, 'message'>): string {
  for (const [pattern, words] of TOLD) {
    const found = pattern.exec(message)
    if (found) return words(...found.slice(1))
  }
  return message
}
