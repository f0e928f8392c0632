import { z } from 'zod'
import { layFault } from '../../core/lay/sense'
import { AXES, BORDER_SIDES, LAYERS, TURNS, type LayTask } from '../../core/lay/types'
import { PointSchema } from '../../core/notebook/schemas/laid'
import { listOf } from '../../core/notebook/schemas/text'
import { withoutRepeats } from '../../core/shapes/polygon'
import { runJob } from '../jobs/pool'
import { computation } from './computation'
import { NoSense } from './handle'

/** Corners of an outline, kinds of piece, copies of one, odd pieces, and all copies together, at most. */
const MOST_POINTS = 400
const MOST_KINDS = 200
const MOST_COPIES = 200
const MOST_PANELS = 60
const MOST_LAID = 400
/** mm: longer than any cloth is. */
const LONGEST = 200_000
const LONGEST_SECONDS = 60

const OutlineSchema = listOf(PointSchema, MOST_POINTS).transform((outline) => withoutRepeats(outline))
const IdSchema = z.string().min(1, 'name it').max(80)
const degrees = z.number().min(-3600).max(3600)
const count = z.number().int().min(1).max(MOST_COPIES).default(1)

const BorderSchema = z.strictObject({
  side: z.enum(BORDER_SIDES),
  reachMm: z.number().gt(0).max(10_000),
  footMm: z.number().min(0).max(10_000).default(0),
  isKeptClear: z.boolean().default(true),
})

const ClothSchema = z.strictObject({
  widthMm: z.number().gt(0).max(10_000),
  selvedgeMm: z.number().min(0).max(500).default(0),
  lengthMm: z.number().gt(0).max(LONGEST).nullish(),
  oneWay: z.boolean().default(false),
  layers: z.enum([...LAYERS, 'best']).default('best'),
  repeatMm: z
    .strictObject({ x: z.number().min(0).max(3000).default(0), y: z.number().min(0).max(3000).default(0) })
    .default({ x: 0, y: 0 }),
  flaws: listOf(OutlineSchema, MOST_PANELS).optional(),
  border: BorderSchema.optional(),
})

const PanelSchema = z.strictObject({
  id: IdSchema,
  outline: OutlineSchema,
  holes: listOf(OutlineSchema, MOST_PANELS).default([]),
  warpDeg: degrees.default(90),
  count,
})

const PieceSchema = z.strictObject({
  id: IdSchema,
  outline: OutlineSchema,
  count,
  pair: z.boolean().default(false),
  onFold: z.boolean().default(false),
  warpDeg: degrees.default(90),
  toleranceDeg: z.number().min(0).max(90).default(0),
  turn: z.enum(TURNS).default('none'),
  crosswise: z.boolean().default(false),
  bias: z.boolean().default(false),
  onBorder: z.boolean().default(false),
  notches: listOf(z.strictObject({ id: IdSchema, at: PointSchema }), MOST_POINTS).default([]),
})

const NotchOf = z.tuple([IdSchema, IdSchema])

export const LayRequest = z
  .strictObject({
    cloth: ClothSchema.optional(),
    panels: listOf(PanelSchema, MOST_PANELS).optional(),
    pieces: listOf(PieceSchema, MOST_KINDS).min(1, 'give at least one piece'),
    match: listOf(z.strictObject({ a: NotchOf, b: NotchOf, axes: z.enum(AXES).default('y') }), 400).default([]),
    gapMm: z.number().min(0).max(500).default(0),
    seconds: z.number().gt(0).max(LONGEST_SECONDS).optional(),
    seed: z.number().int().min(0).max(0xffffffff).default(1),
  })
  .refine(({ cloth, panels }) => (cloth === undefined) !== (panels === undefined || panels.length === 0), {
    path: ['cloth'],
    message: 'give either a length of fabric or panels',
  })

const PlacedPoint = z.tuple([z.number(), z.number()])

export const LayResponse = z.object({
  verdict: z.enum(['fits', 'does-not-fit']),
  layers: z.enum(LAYERS),
  placements: z.array(
    z.object({
      id: z.string(),
      copies: z.array(z.number().int()),
      panel: z.string().nullable(),
      panelCopy: z.number().int().nullable(),
      mirrored: z.boolean(),
      polygon: z.array(PlacedPoint),
      degrees: z.number(),
      at: PlacedPoint,
    }),
  ),
  usedLengthMm: z.number(),
  density: z.number().min(0).max(1),
  lowerBoundMm: z.number(),
  unplaced: z.array(z.object({ id: z.string(), copies: z.array(z.number().int()), why: z.string() })),
  leftOver: z.array(
    z.object({
      panel: z.string().nullable(),
      panelCopy: z.number().int().nullable(),
      outline: z.array(PlacedPoint),
      areaMm2: z.number(),
      largestRectangle: z.object({ widthMm: z.number(), lengthMm: z.number() }),
      layers: z.union([z.literal(1), z.literal(2)]),
    }),
  ),
  buy: z.object({ metres: z.number(), yards: z.number() }).nullable(),
  seconds: z.number(),
  text: z.string(),
})

export const layComputation = computation({
  name: 'lay',
  summary:
    'Lays out pattern pieces on a length of fabric or on irregular pieces: how much they need, and ' +
    'what is left.',
  request: LayRequest,
  response: LayResponse,
  example: {
    cloth: { widthMm: 600, selvedgeMm: 10, layers: 'single' },
    pieces: [
      {
        id: 'front',
        outline: [
          [0, 0],
          [250, 0],
          [250, 400],
          [0, 400],
        ],
        count: 2,
        pair: true,
      },
      {
        id: 'cuff',
        outline: [
          [0, 0],
          [120, 0],
          [120, 90],
          [0, 90],
        ],
        turn: 'half',
        notches: [{ id: 'n', at: [60, 0] }],
      },
    ],
    seconds: 0.2,
  },
  run: ({ seconds, cloth, ...rest }, signal) => {
    const task: LayTask = { ...rest, ...(cloth && { cloth: { ...cloth, lengthMm: cloth.lengthMm ?? undefined } }) }
    const fault = layFault(task)
    if (fault) throw new NoSense(fault.path, fault.message)
    const copies = task.pieces.reduce((sum, piece) => sum + piece.count, 0)
    const panels = (task.panels ?? []).reduce((sum, panel) => sum + panel.count, 0)
    if (copies > MOST_LAID) throw new NoSense(['pieces'], `at most ${MOST_LAID} pieces are laid at once`)
    if (panels > MOST_LAID / 2) throw new NoSense(['panels'], `at most ${MOST_LAID / 2} panels are laid on at once`)
    return runJob('layCloth', { task, ...(seconds !== undefined && { seconds }) }, signal)
  },
})
