import { z } from 'zod'
import { DaySchema, PriceSchema } from '../schemas/stash'
import { nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** What came together and is of one cloth: its pieces name it. */
export const LotSchema = z.strictObject({
  name: nameText,
  source: optionalText(120),
  got: DaySchema.nullable().default(null),
  /** Of all of it. */
  price: PriceSchema.nullable().default(null),
  notes: optionalText(2000),
})

export type Lot = z.infer<typeof LotSchema>

export const lotKind = defineKind({
  id: 'lot',
  words: { one: 'a lot', many: 'lots' },
  version: 1,
  schema: LotSchema,
  steps: [],
  references: {},
  title: ({ name }) => name,
  searched: ({ name, source, notes }) => [name, source, notes],
})
