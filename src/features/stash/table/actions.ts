'use server'

import { z } from 'zod'
import { TABLE_FIELDS, type TableField } from '@/core/formats/csv/columns'
import { MOST_TABLE_LINES, type TableDoubt, type TableRow } from '@/core/formats/csv/read'
import { notebook } from '@/server/database'
import { runJob } from '@/server/jobs/pool'
import { throwReported } from '@/server/jobs/reported'
import { fileToWrite } from '@/server/cache/fileOf'
import { RefusedError } from '@/server/store/errors'
import { action } from '../../shared/action'
import { now } from '../../shared/now'
import { readPreferences } from '../../shared/settings/readPreferences'

/** More is no table of a stash. */
const MOST_CHARACTERS = 4_000_000
/** So many lines, and so many doubts, are shown. */
const SHOWN = 8
const DOUBTS_SHOWN = 40

/** What a table would do, or did. */
export interface TableTaken {
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

/** A form with a text under `table`. */
const SentTableSchema = z
  .instanceof(FormData, { error: 'We found no table in this text.' })
  .transform(async (form, context) => {
    const sent = form.get('table')
    const text = sent instanceof Blob ? await sent.text() : sent
    if (text !== null) return text
    context.addIssue({ code: 'custom', message: 'We found no table in this text.' })
    return z.NEVER
  })

/**
 * Reads a table of fabrics, and keeps them where it is no trial: all in one stroke, or none. A cell that is not
 * certain is left open and noted beside; no line is refused for it.
 */
export const importTable = action(
  [SentTableSchema, Asked],
  async (text, { isTrial, columns: said }): Promise<TableTaken> => {
    if (text.length > MOST_CHARACTERS) throw new RefusedError('That is too long for one table.')
    const lines = text.trimEnd().split(/\r?\n/).length - 1
    if (lines > MOST_TABLE_LINES)
      throw new RefusedError(`You can add ${MOST_TABLE_LINES} lines at once: this has ${lines}.`)
    const { words } = await readPreferences()
    const file = isTrial ? undefined : await fileToWrite(await notebook())
    const asked = { columns: said, locale: words === 'us' ? ('en-US' as const) : ('en-GB' as const) }
    const { columns, rows, refused } = throwReported(await runJob('takeTable', { text, asked, at: now(), file }))
    if (rows.length === 0) throw new RefusedError('There are no lines below the headings.')
    const doubts = rows.flatMap(({ line, doubts: own }) => own.map((doubt) => ({ ...doubt, line })))
    return {
      headings: columns.map(({ heading }) => heading),
      columns: columns.map(({ as }) => as),
      preview: rows.slice(0, SHOWN),
      pieces: rows.length,
      doubts: doubts.slice(0, DOUBTS_SHOWN),
      moreDoubts: Math.max(0, doubts.length - DOUBTS_SHOWN),
      refused: refused.slice(0, DOUBTS_SHOWN),
      isKept: !isTrial,
    }
  },
  ({ isKept }) => (isKept ? ['piece'] : []),
)
