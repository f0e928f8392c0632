import { z } from 'zod'
import { fibreById } from '../../fibres/catalogue'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { ColourSchema } from '../schemas/cloth'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** A ball or a skein of yarn, bought or unravelled. */
export const YarnSchema = z.strictObject({
  name: nameText,
  fibres: listOf(z.enum(FIBRE_IDS), 6).default([]),
  grams: z.number().gt(0, 'Please enter a weight above zero.').max(20_000, 'That is heavier than any yarn.'),
  /** By its label or measured; null: as its weight and wraps give. */
  metres: z.number().gt(0, 'Please enter a length above zero.').max(1_000_000).nullable().default(null),
  wrapsPerInch: z.number().min(1).max(100).nullable().default(null),
  strands: z.number().int().min(1).max(20).default(1),
  colour: ColourSchema.nullable().default(null),
  place: optionalText(80),
  notes: optionalText(600),
  fromPieceId: z.uuid().nullable().default(null),
})

export type Yarn = z.output<typeof YarnSchema>

export const yarnKind = defineKind({
  id: 'yarn',
  words: { one: 'a yarn', many: 'yarns' },
  version: 1,
  schema: YarnSchema,
  steps: [],
  references: { fromPieceId: { to: 'piece', whenRemoved: 'clear' } },
  title: ({ name }) => name,
  searched: ({ name, place, notes, fibres }) => [
    name,
    place,
    notes,
    ...fibres.flatMap((fibre) => [fibreById(fibre).name.uk, fibreById(fibre).name.us]),
  ],
})
