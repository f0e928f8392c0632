import { z } from 'zod'
import { RevisionSchema } from '../../notebook/schemas/id'
import { RECORD_KIND_IDS, recordKinds, type RecordKindId } from '../../notebook/kinds'

export const EXCHANGE_FORMAT = 'rough-swatch-notebook'
/** Of the document's own form; the form of each record's data has a version of its own. */
export const EXCHANGE_VERSION = 1
/** More records than any notebook holds. */
const MOST_RECORDS = 500_000

const instant = z.iso.datetime({ error: 'an instant is written 2026-05-02T09:00:00.000Z' })

/** A record as it stands in the document. */
export const ExchangeRecordSchema = z.strictObject({
  id: z.uuid(),
  kind: z.enum(RECORD_KIND_IDS),
  /** Of the form of `data`. */
  version: z.number().int().min(1).max(1000),
  revision: RevisionSchema,
  createdAt: instant,
  updatedAt: instant,
  data: z.record(z.string(), z.unknown()),
})

export type ExchangeRecord = z.infer<typeof ExchangeRecordSchema>

/** A whole notebook as one document. */
export const ExchangeSchema = z.strictObject({
  format: z.literal(EXCHANGE_FORMAT),
  version: z.number().int().min(1),
  exportedAt: instant,
  records: z.array(z.unknown()).max(MOST_RECORDS, { error: `at most ${MOST_RECORDS} records`, abort: true }),
  /** Records of the notebook that could not be read, and so are not in it. */
  leftOut: z
    .array(z.strictObject({ id: z.string(), kind: z.string(), problem: z.string() }))
    .max(MOST_RECORDS)
    .optional(),
})

/** Kinds in an order in which nothing refers to what comes after it, but for pieces cut from pieces. */
export const EXCHANGE_ORDER: readonly RecordKindId[] = RECORD_KIND_IDS

/** The published JSON Schema of the document, with the present form of every kind. */
export function exchangeJsonSchema(): Record<string, unknown> {
  // Zod counts the members of a union in its types; here they are the kinds of a registry.
  const record = z.discriminatedUnion(
    'kind',
    RECORD_KIND_IDS.map((id) =>
      ExchangeRecordSchema.extend({ kind: z.literal(id), data: recordKinds[id].schema as z.ZodType }),
    ) as never,
  )
  const document = ExchangeSchema.extend({ records: z.array(record) })
  return { ...z.toJSONSchema(document, { io: 'input', unrepresentable: 'any' }), title: 'A Rough Swatch notebook' }
}
