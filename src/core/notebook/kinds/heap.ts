import { z } from 'zod'
import { nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** A box or a cupboard that is being sorted, piece after piece: its pieces name it. */
export const HeapSchema = z.strictObject({
  name: nameText,
  /** Where what is kept of it lies afterwards. */
  place: optionalText(80),
  notes: optionalText(2000),
  /** Whether the last piece of it has been looked at. */
  done: z.boolean().default(false),
})

export type Heap = z.infer<typeof HeapSchema>

export const heapKind = defineKind({
  id: 'heap',
  words: { one: 'a pile', many: 'piles' },
  version: 1,
  schema: HeapSchema,
  steps: [],
  references: {},
  title: ({ name }) => name,
  searched: ({ name, place, notes }) => [name, place, notes],
})
