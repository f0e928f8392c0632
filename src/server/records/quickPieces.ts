import { z } from 'zod'
import { PieceSchema, type Piece } from '../../core/notebook/kinds/piece'
import { RecordIdSchema } from '../../core/notebook/schemas/id'
import { PriceSchema } from '../../core/notebook/schemas/stash'
import { optionalText } from '../../core/notebook/schemas/text'
import { spansOf } from '../../core/pieces/amount'
import { unnamedFabric } from '../../core/pieces/unnamed'
import { SORTINGS, THINGS } from '../../core/vocabulary/stash'
import { type Notebook } from '../store/openNotebook'
import { findRecord } from '../store/repository'
import { type Kept } from '../store/kept'
import { createOnce } from '../store/createOnce'
import { dayOf } from '../../core/units/day'

/** What can be said of a piece in twenty seconds; the rest comes later. */
export const QuickSchema = z.strictObject({
  name: optionalText(80),
  called: optionalText(80),
  thing: z.enum(THINGS).default('cloth'),
  /** Arm-spans of length, and the person's own span, mm. */
  spans: z
    .number()
    .gt(0, 'Please enter a length above zero.')
    .max(100, 'That is too long to measure with arm spans.')
    .nullable()
    .default(null),
  spanMm: z.number().min(1000).max(2300),
  widthMm: z
    .number()
    .gt(0, 'Please enter a width above zero.')
    .lte(10_000, 'That is wider than any fabric.')
    .nullable(),
  price: PriceSchema.nullable().default(null),
  place: optionalText(80),
  source: optionalText(120),
  sorting: z.enum(SORTINGS).nullable().default(null),
  heapId: RecordIdSchema.nullable().default(null),
})

export type QuickPiece = z.output<typeof QuickSchema>

/** Keeps what was said; a piece without a name gets one that is not taken. @param at ISO 8601 @param id `createOnce` */
export async function keepQuick(db: Notebook, quick: QuickPiece, at: string, id?: string): Promise<Kept<'piece'>> {
  const before = id === undefined ? undefined : await findRecord(db, 'piece', id)
  const { spans, spanMm, name, ...said } = quick
  const piece: Piece = PieceSchema.parse({
    ...said,
    // Asked again, it is called as it was called the first time.
    name: name || before?.data.name || (await freeTitle(db, unnamedFabric(said.called, new Date(at)))),
    lengthMm: spans === null ? null : Math.round(spansOf(spans, spanMm).value),
    sizeHow: spans === null && said.widthMm === null ? 'usual' : 'spans',
    got: dayOf(at),
  })
  return createOnce(db, 'piece', piece, at, id)
}

/** A title with a number behind it where others have it already. */
async function freeTitle(db: Notebook, title: string): Promise<string> {
  const { count } = await db
    .selectFrom('record')
    .select((is) => is.fn.countAll<number>().as('count'))
    .where('kind', '=', 'piece')
    .where('title', 'like', `${title}%`)
    .executeTakeFirstOrThrow()
  return count === 0 ? title : `${title} (${count + 1})`
}
