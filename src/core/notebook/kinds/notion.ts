import { z } from 'zod'
import { NOTION_KINDS, NOTION_WORDS } from '../../vocabulary/upcycling'
import { VOCABULARIES, wordFor } from '../../vocabulary/words'
import { ColourSchema } from '../schemas/cloth'
import { PhotographSchema } from '../schemas/stash'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** Something in the notions box, bought or kept from a garment. */
export const NotionSchema = z.strictObject({
  kind: z.enum(NOTION_KINDS),
  name: nameText,
  /** How many of it; of what comes by the length, 1. */
  count: z
    .number()
    .int()
    .min(0, 'Please enter zero or more.')
    .max(10_000, 'Please enter ten thousand at most.')
    .default(1),
  /** Across a button, along a zip or a length of elastic, mm; null where nobody measured. */
  sizeMm: z.number().gt(0, 'Please enter a size above zero.').max(100_000).nullable().default(null),
  colour: ColourSchema.nullable().default(null),
  place: optionalText(80),
  notes: optionalText(600),
  /** The piece that it came off. */
  fromPieceId: z.uuid().nullable().default(null),
  pictures: listOf(PhotographSchema, 6).default([]),
})

export type Notion = z.output<typeof NotionSchema>

export const notionKind = defineKind({
  id: 'notion',
  words: { one: 'a notion', many: 'notions' },
  version: 1,
  schema: NotionSchema,
  steps: [],
  references: { fromPieceId: { to: 'piece', whenRemoved: 'clear' } },
  title: ({ name }) => name,
  searched: ({ name, kind, place, notes }) => [
    name,
    place,
    notes,
    ...VOCABULARIES.map((words) => wordFor(NOTION_WORDS[kind], words)),
  ],
})
