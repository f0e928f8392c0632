import { z } from 'zod'
import { chosenWord, ROLES } from '../../vocabulary/choosing'
import { LengthsSchema, PatternNotionSchema } from '../schemas/making'
import { NeedSchema } from '../schemas/need'
import { PhotographSchema } from '../schemas/stash'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** A cloth beside the main one. */
const PartnerSchema = z.strictObject({
  role: z.enum(ROLES).exclude(['main']),
  /** As the envelope calls it, where there are several: “contrast 2”. */
  label: optionalText(60),
  need: NeedSchema,
  lengths: LengthsSchema.default([]),
})

export const PatternSchema = z.strictObject({
  name: nameText,
  notes: optionalText(2000),
  /** Of the main cloth. */
  need: NeedSchema,
  /** Of the main cloth, by width, size and view. */
  lengths: LengthsSchema.default([]),
  partners: listOf(PartnerSchema, 12).default([]),
  views: listOf(nameText, 12).default([]),
  notions: listOf(PatternNotionSchema, 60).default([]),
  /** Pieces to cut for one. */
  pieces: z.number().int().min(1).max(400).nullable().default(null),
  /** The words of the envelope as they were pasted, so that they can be read again. */
  envelope: optionalText(20_000),
  /** What of them was not understood. */
  notRead: listOf(optionalText(1000), 200).default([]),
  pictures: listOf(PhotographSchema, 4).default([]),
  /** On the list that goes along to the shop. */
  onList: z.boolean().default(false),
})

export type PatternRecord = z.infer<typeof PatternSchema>
export type PatternPartner = z.infer<typeof PartnerSchema>

export const patternKind = defineKind({
  id: 'pattern',
  words: { one: 'a pattern', many: 'patterns' },
  version: 2,
  schema: PatternSchema,
  // What the second form has more of has a usual value.
  steps: [(data) => data],
  references: {},
  title: ({ name }) => name,
  searched: ({ name, notes, need: { garment, called = [] } }) => [
    name,
    notes,
    ...called,
    ...(garment ? [chosenWord(garment, 'uk'), chosenWord(garment, 'us')] : []),
  ],
})
