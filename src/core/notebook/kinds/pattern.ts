import { z } from 'zod'
import { chosenWord } from '../../vocabulary/choosing'
import { NeedSchema } from '../schemas/need'
import { nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

export const PatternSchema = z.strictObject({
  name: nameText,
  notes: optionalText(2000),
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
