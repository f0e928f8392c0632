import { z } from 'zod'
import { nameText } from '../schemas/text'
import { defineKind } from './define'

/** Filters of the stash under a name, to be chosen again. */
export const ViewSchema = z.strictObject({
  name: nameText,
  /** As in the address of the stash, without its question mark. */
  query: z
    .string()
    .max(1000, { error: 'That is longer than any set of filters.', abort: true })
    .regex(/^[\w\-.~%&=+]*$/, 'These are no filters.'),
})

export type View = z.infer<typeof ViewSchema>

export const viewKind = defineKind({
  id: 'view',
  words: { one: 'a saved filter', many: 'saved filters' },
  version: 1,
  schema: ViewSchema,
  steps: [],
  references: {},
  title: ({ name }) => name,
  searched: ({ name }) => [name],
})
