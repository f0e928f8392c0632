import { z } from 'zod'
import { RevisionSchema } from '../notebook/schemas/id'
import { RECORD_KIND_IDS, recordKinds, type RecordKindId } from '../notebook/kinds'
import { type RecordKind } from '../notebook/kinds/define'

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

/** What is wrong with a document, and where. */
export interface ExchangeIssue {
  path: string
  message: string
}

/** A record that may be written as it stands, with what follows from it. */
export interface ReadyRecord extends ExchangeRecord {
  title: string
  searched: string
  /** Ids by field. */
  references: Readonly<Record<string, string>>
}

export type ReadExchange = { records: ReadyRecord[]; issues?: undefined } | { issues: ExchangeIssue[] }

/** So many issues are told; the rest would say the same. */
const MOST_ISSUES = 20

/**
 * Reads a document: every record by the schema of its kind, older forms through its steps. What the notebook would not
 * read is refused here, with its place; nothing is mended silently.
 */
export function readExchange(document: unknown): ReadExchange {
  const outer = ExchangeSchema.safeParse(document)
  if (!outer.success) return { issues: told(outer.error, []) }
  if (outer.data.version > EXCHANGE_VERSION) {
    const message = `written by a newer program (document ${outer.data.version}, known here up to ${EXCHANGE_VERSION})`
    return { issues: [{ path: 'version', message }] }
  }
  const records: ReadyRecord[] = []
  const issues: ExchangeIssue[] = []
  const ids = new Set<string>()
  outer.data.records.forEach((raw, index) => {
    if (issues.length >= MOST_ISSUES) return
    const path = ['records', index]
    const head = ExchangeRecordSchema.safeParse(raw)
    if (!head.success) issues.push(...told(head.error, path))
    else if (ids.has(head.data.id))
      issues.push({ path: `records.${index}.id`, message: 'this id stands there twice' })
    else {
      ids.add(head.data.id)
      const ready = readyRecord(head.data)
      if (Array.isArray(ready)) issues.push(...ready.map((one) => ({ ...one, path: [...path, one.path].join('.') })))
      else records.push(ready)
    }
  })
  return issues.length > 0 ? { issues: issues.slice(0, MOST_ISSUES) } : { records }
}

/** A record as it may be written, or what is wrong with its data. */
export function readyRecord(record: ExchangeRecord): ReadyRecord | ExchangeIssue[] {
  const kind = recordKinds[record.kind] as RecordKind
  if (record.version > kind.version) {
    const message = `written by a newer program (form ${record.version}, known here up to ${kind.version})`
    return [{ path: 'version', message }]
  }
  let stepped: unknown
  try {
    stepped = kind.steps.slice(record.version - 1).reduce((data: unknown, step) => step(data), record.data)
  } catch (error) {
    return [{ path: 'data', message: error instanceof Error ? error.message : String(error) }]
  }
  const parsed = kind.schema.safeParse(stepped)
  if (!parsed.success) return told(parsed.error, ['data'])
  const data = parsed.data as Record<string, unknown>
  const referred = Object.keys(kind.references).flatMap((field) =>
    typeof data[field] === 'string' ? [[field, data[field]] as const] : [],
  )
  return {
    ...record,
    // In the present form it is kept as it would have been written here; an older form stays as it is.
    data: record.version === kind.version ? data : record.data,
    title: kind.title(parsed.data),
    searched: kind.searched(parsed.data).filter(Boolean).join(' ').toLowerCase(),
    references: Object.fromEntries(referred),
  }
}

function told(error: z.ZodError, before: readonly PropertyKey[]): ExchangeIssue[] {
  return error.issues.slice(0, MOST_ISSUES).map(({ path, message }) => ({
    path: [...before, ...path].map(String).join('.') || 'body',
    message,
  }))
}

/** Kinds in an order in which nothing refers to what comes after it, but for pieces cut from pieces. */
export const EXCHANGE_ORDER: readonly RecordKindId[] = RECORD_KIND_IDS

/** The published JSON Schema of the document, with the present form of every kind. */
export function exchangeJsonSchema(): Record<string, unknown> {
  const record = z.discriminatedUnion(
    'kind',
    RECORD_KIND_IDS.map((id) =>
      ExchangeRecordSchema.extend({ kind: z.literal(id), data: recordKinds[id].schema as z.ZodType }),
    ) as never,
  )
  const document = ExchangeSchema.extend({ records: z.array(record) })
  return { ...z.toJSONSchema(document, { io: 'input', unrepresentable: 'any' }), title: 'A Rough Swatch notebook' }
}
