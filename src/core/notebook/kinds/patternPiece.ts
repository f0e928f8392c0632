import { z } from 'zod'
import { foldFault } from '../../shapes/fold'
import { ROLES } from '../../vocabulary/choosing'
import { MARK_KINDS, OUTLINE_FROM, TURNS } from '../../vocabulary/laying'
import { PointSchema, PolygonSchema } from '../schemas/laid'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

const MarkSchema = z.strictObject({ is: z.enum(MARK_KINDS), points: z.array(PointSchema).min(1).max(60) })

/** A piece of a pattern: its outline with seam allowances, and how it may lie. mm */
export const PatternPieceSchema = z
  .strictObject({
    patternId: z.string().min(1).max(64),
    name: nameText,
    /** Which cloth it is cut from. */
    role: z.enum(ROLES).default('main'),
    /** Empty where it serves every size. */
    size: optionalText(24),
    outline: PolygonSchema,
    notches: listOf(z.strictObject({ id: nameText, at: PointSchema }), 60).default([]),
    /** Darts, drill holes and other lines on it. */
    marks: listOf(MarkSchema, 60).default([]),
    count: z
      .number()
      .int()
      .min(1, 'Please enter at least one.')
      .max(200, 'Please enter two hundred at most.')
      .default(1),
    /** Half of them are turned over. */
    pair: z.boolean().default(false),
    /** Only half is drawn; its edge on x = 0 lies on a fold. */
    onFold: z.boolean().default(false),
    /** Direction of the grain line, degrees anticlockwise from x. */
    warpDeg: z.number().min(-360).max(360).default(90),
    toleranceDeg: z.number().min(0).max(45).default(0),
    turn: z.enum(TURNS).default('half'),
    crosswise: z.boolean().default(false),
    bias: z.boolean().default(false),
    from: z.enum(OUTLINE_FROM).default('points'),
    /** Drawn from measures: the real one differs a little. */
    isAbout: z.boolean().default(false),
  })
  .refine(({ pair, count }) => !pair || count % 2 === 0, {
    path: ['count'],
    message: 'A pair needs an even number of pieces.',
  })
  .refine(({ onFold, outline }) => !onFold || foldFault(outline) === undefined, {
    path: ['onFold'],
    message: 'A piece on the fold needs one edge on x = 0, and must stay on one side of it.',
  })

export type PatternPiece = z.infer<typeof PatternPieceSchema>

export const patternPieceKind = defineKind({
  id: 'pattern-piece',
  words: { one: 'a pattern piece', many: 'pattern pieces' },
  version: 2,
  schema: PatternPieceSchema,
  // Nothing was marked on an older one.
  steps: [(data) => data],
  references: { patternId: { to: 'pattern', whenRemoved: 'remove' } },
  title: ({ name }) => name,
  searched: () => [],
})
