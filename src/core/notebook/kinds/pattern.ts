import { z } from 'zod'
import { chosenWord } from '../../vocabulary/choosing'
import { NeedSchema } from '../schemas/need'
import { defineKind } from './define'

export const PatternSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name').max(80, 'at most 80 characters'),
  notes: z.string().trim().max(2000, 'at most 2000 characters').default(''),
  need: NeedSchema,
})

export type PatternRecord = z.infer<typeof PatternSchema>

export const patternKind = defineKind({
  id: 'pattern',
  words: { one: 'a pattern', many: 'patterns' },
  version: 1,
  schema: PatternSchema,
  steps: [],
  references: {},
  title: ({ name }) => name,
  searched: ({ name, notes, need: { garment } }) => [
    name,
    notes,
    ...(garment ? [chosenWord(garment, 'uk'), chosenWord(garment, 'us')] : []),
  ],
})
