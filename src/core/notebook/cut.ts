import { z } from 'zod'
import { PieceSchema, type Piece } from './kinds/piece'
import { RecordIdSchema } from './schemas/id'
import { PolygonSchema } from './schemas/laid'
import { OutlineSchema } from './schemas/stash'
import { listOf, nameText, optionalText } from './schemas/text'

const side = z.number().gt(0, 'Please enter a side above zero.').lte(200_000, 'That is longer than any fabric.')

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

/** Lengths nearer to one another than this are one: a tape is not read more finely, mm. */
const ALL_OF_IT_MM = 5

/**
 * Works out what is left of a fabric once something is cut from it.
 * @returns null where more is cut off than there is
 */
export function pieceAfterCut(piece: Piece, { lengthMm, all }: Pick<Cut, 'lengthMm' | 'all'>): Piece | null {
  const left = all ? USED_UP : leftOf(piece, lengthMm)
  return left && PieceSchema.parse({ ...piece, ...left })
}

/** Of what was taken apart nothing is left to cut from. */
const USED_UP: Partial<Piece> = { lengthMm: null, outline: null, sorting: 'cut-up', flaws: [] }

function leftOf({ lengthMm, sorting, flaws }: Piece, cutMm: number | null): Partial<Piece> | null {
  if (cutMm === null || lengthMm === null) return {}
  if (cutMm > lengthMm + ALL_OF_IT_MM) return null
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

/** An offcut: the same fabric, in what does not depend on its size. */
export function offcutOf(
  piece: Piece,
  cutFromId: string,
  offcut: z.output<typeof CutSchema>['offcuts'][number],
): Piece {
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
