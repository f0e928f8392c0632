import { z } from 'zod'
import { ROLES } from '../../vocabulary/choosing'
import { OUTLINE_FROM, TURNS } from '../../vocabulary/laying'
import { PointSchema, PolygonSchema } from '../schemas/laid'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

/** How far from x = 0 a corner may lie that is on the fold, mm. */
const ON_FOLD = 0.5

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
    count: z.number().int().min(1, 'at least one').max(200, 'at most two hundred').default(1),
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
    message: 'a pair needs an even number of pieces',
  })
  .refine(({ onFold, outline }) => !onFold || hasFoldEdge(outline), {
    path: ['onFold'],
    message: 'a piece on the fold has one edge on x = 0, and lies on one side of it',
  })

function hasFoldEdge(outline: readonly (readonly [number, number])[]): boolean {
  const isOn = (i: number) => Math.abs(outline[i % outline.length]![0]) <= ON_FOLD
  const runs = outline.filter((_, i) => isOn(i) && !isOn(i + 1)).length
  const edges = outline.filter((_, i) => isOn(i) && isOn(i + 1)).length
  const isLeft = outline.some(([x]) => x < -ON_FOLD)
  const isRight = outline.some(([x]) => x > ON_FOLD)
  return edges > 0 && runs === 1 && isLeft !== isRight
}

export type PatternPiece = z.infer<typeof PatternPieceSchema>

export const patternPieceKind = defineKind({
  id: 'pattern-piece',
  words: { one: 'a piece of a pattern', many: 'pieces of patterns' },
  version: 1,
  schema: PatternPieceSchema,
  steps: [],
  references: { patternId: { to: 'pattern', whenRemoved: 'remove' } },
  title: ({ name }) => name,
  searched: () => [],
})
