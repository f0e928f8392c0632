import { type z } from 'zod'
import { recordKinds } from '../../notebook/kinds'
import { type RecordKind } from '../../notebook/kinds/define'
import { EXCHANGE_VERSION, ExchangeRecordSchema, ExchangeSchema, type ExchangeRecord } from './document'

/** What is wrong with a document, and where. */
export interface ExchangeIssue {
  path: string
  message: string
}

/** Something in an archive or a document cannot be taken in; nothing was. */
export class RefusedImport extends Error {
  constructor(readonly issues: readonly ExchangeIssue[]) {
    super(issues[0]?.message ?? 'We did not import this file.')
    this.name = 'RefusedImport'
  }
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
