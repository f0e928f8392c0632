'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { TABLE_FIELDS, type TableField } from '@/core/formats/csv/columns'
import { MOST_TABLE_LINES, type TableDoubt, type TableRow } from '@/core/formats/csv/read'
import { readPreferences } from '../../shared/settings/readPreferences'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { throwReported } from '@/server/jobs/reported'
import { fileToWrite } from '@/server/cache/fileOf'
import { now } from '../../shared/now'
import { type Refusal, refusedFor, valueOf } from '../../shared/outcome'
import { type ActionInput } from '../../shared/actionInput'

/** More is no table of a stash. */
const MOST_CHARACTERS = 4_000_000
/** So many lines, and so many doubts, are shown. */
const SHOWN = 8
const DOUBTS_SHOWN = 40

/** What a table would do, or did. */
export interface TableOutcome {
  ok: true
  headings: string[]
  columns: (TableField | null)[]
  /** The first lines, as they were read. */
  preview: TableRow[]
  pieces: number
  /** Cells that were left open, by their lines. */
  doubts: (TableDoubt & { line: number })[]
  /** Doubts beyond those. */
  moreDoubts: number
  refused: { line: number; why: string }[]
  isKept: boolean
}

const Columns = z.array(z.enum(TABLE_FIELDS).nullable()).max(200)
const Asked = z.strictObject({
  /** Null where the headings are to say it. */
  columns: Columns.nullable(),
  isTrial: z.boolean(),
})

/**
 * Reads a table of fabrics, and keeps them where it is no trial: all in one stroke, or none. A cell that is not
 * certain is left open and noted beside; no line is refused for it.
 * @param form the text, under `table`
 */
export async function importTable(form: FormData, asked: ActionInput<typeof Asked>): Promise<TableOutcome | Refusal> {
  const sent = form instanceof FormData ? form.get('table') : null
  const text = sent instanceof Blob ? await sent.text() : sent
  const options = Asked.safeParse(asked)
  if (typeof text !== 'string' || !options.success) return refusedFor('There is no table in that.')
  if (text.length > MOST_CHARACTERS) return refusedFor('That is too long for one table.')
  const lines = text.trimEnd().split(/\r?\n/).length - 1
  if (lines > MOST_TABLE_LINES) return refusedFor(`At most ${MOST_TABLE_LINES} lines at once: this has ${lines}.`)
  const { words } = await readPreferences()
  const { isTrial, columns: said } = options.data
  const task = { text, asked: { columns: said, locale: words === 'us' ? 'en-US' : 'en-GB' }, at: now() }
  const outcome = await valueOf(async () => {
    const file = isTrial ? undefined : await fileToWrite(await notebook())
    return throwReported(await runJob('takeTable', { ...task, file }))
  })
  if (!outcome.ok) return outcome
  const { columns, rows, refused } = outcome.value
  if (rows.length === 0) return refusedFor('There are no lines below the headings.')
  if (!isTrial) revalidatePath('/', 'layout')
  const doubts = rows.flatMap(({ line, doubts: own }) => own.map((doubt) => ({ ...doubt, line })))
  return {
    ok: true,
    headings: columns.map(({ heading }) => heading),
    columns: columns.map(({ as }) => as),
    preview: rows.slice(0, SHOWN),
    pieces: rows.length,
    doubts: doubts.slice(0, DOUBTS_SHOWN),
    moreDoubts: Math.max(0, doubts.length - DOUBTS_SHOWN),
    refused: refused.slice(0, DOUBTS_SHOWN),
    isKept: !isTrial,
  }
}
