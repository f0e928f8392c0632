import { z } from 'zod'
import { PieceSchema, type Piece } from '../../core/notebook/kinds/piece'
import { RecordIdSchema } from '../../core/notebook/schemas/id'
import { PolygonSchema } from '../../core/notebook/schemas/laid'
import { OutlineSchema } from '../../core/notebook/schemas/stash'
import { listOf, nameText, optionalText } from '../../core/notebook/schemas/text'
import { type Notebook } from '../store/openNotebook'
import { GoneError, RefusedError } from '../store/errors'
import { changeRecord, createRecord, findRecord, inTransaction } from '../store/repository'
import { dayOf } from '../../core/units/day'

const side = z.number().gt(0, 'a side is more than zero').lte(200_000, 'that is longer than any piece of cloth')

/** What is cut off a piece, and what is left over of it that is worth keeping. */
export const CutSchema = z.strictObject({
  pieceId: RecordIdSchema,
  /** Length taken off, mm; null where nothing is measured off. */
  lengthMm: side.nullable(),
  /** All of it is taken apart: nothing is left but its offcuts. */
  all: z.boolean().default(false),
  what: optionalText(120),
  offcuts: listOf(
    z.strictObject({
      name: nameText,
      widthMm: side,
      lengthMm: side,
      /** Where it is no rectangle. */
      outline: OutlineSchema.nullable().default(null),
    }),
    24,
  ),
})

export type Cut = z.input<typeof CutSchema>

/** More is cut off than there is. */
export class TooLongError extends RefusedError {
  constructor() {
    super('There is not as much of it left.', 'lengthMm')
  }
}

/** Lengths nearer to one another than this are one: a tape is not read more finely, mm. */
const ALL_OF_IT_MM = 5

/**
 * Cuts from a piece, in one stroke: the cut and what is left are written down, and its offcuts become pieces that
 * know what they were cut from. A piece that is cut up altogether stays, with nothing left of it.
 * @param at ISO 8601
 * @param id of the cut, made by whoever asks: asked again, since the answer was lost, nothing is cut twice
 * @returns ids of the offcuts; none where it was cut already
 * @throws GoneError where the piece was taken away, TooLongError where more is cut off than there is
 */
export async function cutFrom(db: Notebook, cut: Cut, at: string, id?: string): Promise<string[]> {
  const { pieceId, lengthMm, all, what, offcuts } = CutSchema.parse(cut)
  return inTransaction(db, async (open) => {
    if (id !== undefined && (await findRecord(open, 'cut', id))) return []
    const found = await findRecord(open, 'piece', pieceId)
    if (!found) throw new GoneError('piece', pieceId)
    const { data: piece } = found
    const left = all ? USED_UP : leftOf(piece, lengthMm)
    await changeRecord(open, 'piece', found, PieceSchema.parse({ ...piece, ...left }), at)
    await createRecord(open, 'cut', { pieceId, on: dayOf(at), lengthMm, what }, at, id)
    const ids: string[] = []
    for (const offcut of offcuts) {
      const data = offcutOf(piece, pieceId, offcut)
      ids.push((await createRecord(open, 'piece', data, at)).id)
    }
    return ids
  })
}

/** Of what was taken apart nothing is left to cut from. */
const USED_UP: Partial<Piece> = { lengthMm: null, outline: null, sorting: 'cut-up', flaws: [] }

function leftOf({ lengthMm, sorting, flaws }: Piece, cutMm: number | null): Partial<Piece> {
  if (cutMm === null || lengthMm === null) return {}
  if (cutMm > lengthMm + ALL_OF_IT_MM) throw new TooLongError()
  const left = Math.round(lengthMm - cutMm)
  if (left <= ALL_OF_IT_MM) return { lengthMm: null, sorting: 'cut-up', flaws: [] }
  return { lengthMm: left, sorting, flaws: flawsFrom(flaws, cutMm) }
}

/** What is still there of the flaws once so much is cut off the beginning, measured from the new edge. */
function flawsFrom(flaws: Piece['flaws'], cutMm: number): Piece['flaws'] {
  return flaws
    .map((flaw) => flaw.map(([x, y]): [number, number] => [x, Math.max(0, y - cutMm)]))
    .filter((flaw) => PolygonSchema.safeParse(flaw).success)
}

/** The same cloth, in what hangs on no size. */
function offcutOf(piece: Piece, cutFromId: string, offcut: z.output<typeof CutSchema>['offcuts'][number]): Piece {
  const { called, construction, place, source, washed, body, opacity, stretchWidthPercent, claim } = piece
  const { lotId, care, colours, look } = piece
  return PieceSchema.parse({
    ...{ called, construction, place, source, washed, body, opacity, stretchWidthPercent, claim },
    ...{ lotId, care, colours, look },
    ...offcut,
    thing: 'offcut',
    cutFromId,
  })
}
