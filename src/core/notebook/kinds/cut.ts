import { z } from 'zod'
import { RecordIdSchema } from '../schemas/id'
import { optionalText } from '../schemas/text'
import { defineKind } from './define'

/** What was cut off a piece. */
export const CutRecordSchema = z.strictObject({
  pieceId: RecordIdSchema,
  /** ISO 8601, the day. */
  on: z.iso.date(),
  /** Length taken off, mm; null where nothing was measured off. */
  lengthMm: z.number().gt(0).lte(200_000).nullable(),
  /** What it was cut for. */
  what: optionalText(120),
})

export const cutKind = defineKind({
  id: 'cut',
  words: { one: 'a cut', many: 'cuts' },
  version: 1,
  schema: CutRecordSchema,
  steps: [],
  references: { pieceId: { to: 'piece', whenRemoved: 'remove' } },
  title: ({ what }) => what || 'a cut',
  searched: ({ what }) => [what],
})
