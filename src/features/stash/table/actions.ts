'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import {
  matchedColumns,
  MOST_TABLE_LINES,
  PIECE_COLUMNS,
  piecesOfTable,
  readTable,
  type TableError,
} from '@/core/formats/csvPieces'
import { notebook } from '@/server/database'
import { createRecord, within } from '@/server/store/repository'
import { doneOf, type Refusal, refusedFor } from '../../shared/outcome'

/** More is no table of a stash. */
const MOST_CHARACTERS = 4_000_000
/** So many lines, and so many errors, are shown. */
const SHOWN = 8
const ERRORS_SHOWN = 40

/** What a table would do, or did. */
export interface TableOutcome {
  ok: true
  headings: string[]
  columns: (string | null)[]
  /** The first lines, as they were read. */
  preview: string[][]
  pieces: number
  errors: TableError[]
  /** Errors beyond those. */
  moreErrors: number
  isKept: boolean
}

const Columns = z.array(z.enum(PIECE_COLUMNS.map(({ id }) => id) as [string, ...string[]]).nullable()).max(200)
const Asked = z.strictObject({
  /** Null where the headings are to say it. */
  columns: Columns.nullable(),
  isTrial: z.boolean(),
  /** Lines with something wrong are left out, instead of keeping all back. */
  leavesOut: z.boolean(),
})

/**
 * Reads a table of pieces, and keeps them where it is no trial: all in one stroke, or none.
 * @param form the text, under `table`
 */
export async function takeTable(form: unknown, asked: unknown): Promise<TableOutcome | Refusal> {
  const sent = form instanceof FormData ? form.get('table') : null
  const text = sent instanceof Blob ? await sent.text() : sent
  const options = Asked.safeParse(asked)
  if (typeof text !== 'string' || !options.success) return refusedFor('There is no table in that.')
  if (text.length > MOST_CHARACTERS) return refusedFor('That is too long for one table.')
  const table = readTable(text)
  if (table.lines.length === 0) return refusedFor('There are no lines below the headings.')
  if (table.lines.length > MOST_TABLE_LINES)
    return refusedFor(`At most ${MOST_TABLE_LINES} lines at once: this has ${table.lines.length}.`)
  const { isTrial, leavesOut } = options.data
  const columns = options.data.columns ?? matchedColumns(table.headings)
  const { pieces, errors } = piecesOfTable(table, columns)
  const isKept = !isTrial && pieces.length > 0 && (errors.length === 0 || leavesOut)
  if (isKept) {
    const outcome = await doneOf(async () => {
      const at = new Date().toISOString()
      return within(await notebook(), async (db) => {
        for (const piece of pieces) await createRecord(db, 'piece', piece, at)
      })
    })
    if (!outcome.ok) return outcome
    revalidatePath('/', 'layout')
  }
  return {
    ok: true,
    headings: table.headings,
    columns,
    preview: table.lines.slice(0, SHOWN),
    pieces: pieces.length,
    errors: errors.slice(0, ERRORS_SHOWN),
    moreErrors: Math.max(0, errors.length - ERRORS_SHOWN),
    isKept,
  }
}
