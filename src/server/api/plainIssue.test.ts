import { z } from 'zod'
import { plainMessage } from './plainIssue'

const said = (schema: z.ZodType, value: unknown) => schema.safeParse(value).error!.issues.map(plainMessage)

test.each<[z.ZodType, unknown, string]>([
  [z.number(), Infinity, 'a number is expected'],
  [z.number(), NaN, 'a number is expected'],
  [z.number(), 'x', 'a number is expected'],
  [z.number().int(), 2.5, 'a whole number is expected'],
  [z.string(), 4, 'text is expected'],
  [z.boolean(), 'yes', 'yes or no is expected'],
  [z.array(z.string()), {}, 'a list is expected'],
  [z.object({}), [], 'fields with names are expected'],
  [z.string(), undefined, 'this is missing'],
  [z.enum(['warp', 'weft']), 'left', 'expected: "warp", "weft"'],
  [z.number().min(3), 1, 'at least 3'],
  [z.number().max(3), 9, 'at most 3'],
  [z.string().max(2), 'abc', 'at most 2 characters'],
  [z.array(z.number()).max(1), [1, 2], 'at most 1 items'],
  [z.union([z.string(), z.number()]), {}, 'this is not understood here'],
])('%# is put plainly', (schema, value, words) => {
  expect(said(schema, value)).toEqual([words])
})

test('a schema’s own words stay', () => {
  expect(said(z.number().min(3, 'Please enter a width above zero.'), 1)).toEqual(['Please enter a width above zero.'])
})
