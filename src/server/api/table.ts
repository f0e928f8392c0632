import { z } from 'zod'
import { MOST_TABLE_LINES } from '../../core/formats/csv/read'
import { TABLE_FIELDS } from '../../core/formats/csv/columns'
import { ClaimItemSchema } from '../../core/notebook/schemas/claim'
import { PRICE_PERS, THINGS } from '../../core/vocabulary/stash'
import { runJob } from '../jobs/pool'
import { throwReported } from '../jobs/reported'
import { computation } from './computation'
import { NoSense } from './handle'
import { LocaleSchema } from './quantity'

/** Longest text of a table that is read, characters. */
const MOST_TEXT = 900_000

const FieldSchema = z.enum(TABLE_FIELDS).nullable()

export const TableRequest = z.strictObject({
  text: z.string().max(MOST_TEXT, { error: `at most ${MOST_TEXT} characters`, abort: true }),
  /** What columns hold, by their headings. */
  columns: z.record(z.string().max(200), FieldSchema).nullish(),
  locale: LocaleSchema.optional(),
})

export const TableResponse = z.object({
  columns: z.array(z.object({ heading: z.string(), as: FieldSchema, sure: z.boolean() })),
  rows: z.array(
    z.object({
      line: z.number(),
      fabric: z.object({
        name: z.string(),
        called: z.string().nullable(),
        kind: z.enum(THINGS).nullable(),
        fibres: z.array(ClaimItemSchema),
        widthMm: z.number().nullable(),
        lengthMm: z.number().nullable(),
        gsm: z.number().nullable(),
        colour: z.string().nullable(),
        washed: z.boolean().nullable(),
        care: z.string().nullable(),
        place: z.string().nullable(),
        source: z.string().nullable(),
        boughtOn: z.string().nullable(),
        price: z.object({ amount: z.number(), currency: z.string(), per: z.enum(PRICE_PERS) }).nullable(),
        tags: z.array(z.string()),
        ideas: z.string().nullable(),
        notes: z.string().nullable(),
      }),
      doubts: z.array(z.object({ column: z.string(), text: z.string(), why: z.string() })),
    }),
  ),
  refused: z.array(z.object({ line: z.number(), why: z.string() })),
})

const NOTHING = {
  ...{ called: null, kind: null, fibres: [], widthMm: null, lengthMm: null, gsm: null, colour: null, washed: null },
  ...{ care: null, place: null, source: null, boughtOn: null, price: null, tags: [], ideas: null, notes: null },
}

export const tableComputation = computation({
  name: 'table',
  summary: 'A spreadsheet’s text read into fabrics; nothing is saved.',
  request: TableRequest,
  response: TableResponse,
  example: { text: 'name;width (cm);fibre\nAwning;150;cotton\nFoyer curtain;137;linen\n', locale: 'en-GB' },
  run: async ({ text, columns, locale }, signal) => {
    const asked = { columns: columns ?? null, ...(locale && { locale }) }
    const task = { text, asked, file: undefined, at: new Date().toISOString() }
    const { rows, ...read } = throwReported(await runJob('takeTable', task, signal))
    if (rows.length + read.refused.length > MOST_TABLE_LINES - 1)
      throw new NoSense(['text'], `at most ${MOST_TABLE_LINES} lines at once`)
    return { ...read, rows: rows.map((row) => ({ ...row, fabric: { ...NOTHING, ...row.fabric } })) }
  },
})
