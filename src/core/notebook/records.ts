import { z } from 'zod'
import { BODIES, CONSTRUCTIONS, OPACITIES } from '../vocabulary/cloth'
import { FIBRE_IDS } from '../vocabulary/fibres'
import { findFeature } from '../identify/features'
import { TILTS, yearsCrossed } from '../identify/history/history'
import { ASKS, PARTS, TOOLS } from '../vocabulary/observations'

/** Ids over the vocabulary, and the refusals that a person reads. */
export const FibreIdSchema = z.enum(FIBRE_IDS, {
  error: (issue) => `"${String(issue.input)}" is no fibre of the vocabulary`,
})
export const PartSchema = z.enum(PARTS)

/**
 * What was reported of one feature. Unknown features and states, and two states where one is allowed, are refused
 * with their path.
 */
export const ObservationSchema = z
  .strictObject({
    feature: z.string(),
    states: z.array(z.string()).min(1, 'say at least one state, or leave the observation out'),
    part: PartSchema.default('whole'),
  })
  .superRefine(({ feature: id, states }, context) => {
    const feature = findFeature(id)
    if (!feature) {
      context.addIssue({ code: 'custom', path: ['feature'], message: `nothing observable is called "${id}"` })
      return
    }
    states.forEach((state, index) => {
      if (!feature.states.some((known) => known.id === state)) {
        context.addIssue({
          code: 'custom',
          path: ['states', index],
          message:
            `"${state}" is no state of "${id}"; its states are ` +
            `${feature.states.map((known) => known.id).join(', ')}`,
        })
      }
    })
    if (!feature.multi && states.length > 1) {
      context.addIssue({ code: 'custom', path: ['states', 1], message: `"${id}" takes one state only` })
    }
    states.forEach((state, index) => {
      if (states.indexOf(state) < index)
        context.addIssue({ code: 'custom', path: ['states', index], message: `"${state}" is named twice` })
    })
  })

const year = z.number().int().min(1700, 'no year before 1700').max(2100, 'no year after 2100')

/** Between which years a thing was made; either end may be unknown. */
export const MadeSchema = z
  .strictObject({ after: year.optional(), before: year.optional() })
  .superRefine((made, context) => {
    if (yearsCrossed(made)) {
      context.addIssue({
        code: 'custom',
        path: ['after'],
        message: 'the garment must be made after the earlier and before the later year',
      })
    }
  })

const tilt = (question: keyof typeof TILTS) =>
  z
    .enum(
      TILTS[question].map(({ id }) => id),
      { error: (issue) => `"${String(issue.input)}" is no ${question} that is known` },
    )
    .optional()

/** What is known of where a cloth comes from. */
export const HistorySchema = z.strictObject({
  made: MadeSchema.optional(),
  kind: tilt('kind'),
  price: tilt('price'),
  country: tilt('country'),
})

/** A known piece, burnt and answered. */
export const ControlBurnSchema = z.strictObject({
  fibre: FibreIdSchema,
  observations: z.array(ObservationSchema).max(400),
})

export const ClaimItemSchema = z.strictObject({
  fibre: FibreIdSchema,
  percent: z.number().gt(0, 'a share is more than 0 %').lte(100, 'a share is at most 100 %'),
})

/** A label or a seller's word. It may leave something out, but never adds up to more than all of the cloth. */
export const ClaimSchema = z.array(ClaimItemSchema).superRefine((items, context) => {
  const total = items.reduce((sum, { percent }) => sum + percent, 0)
  if (total > 100.5)
    context.addIssue({
      code: 'custom',
      path: [],
      message: `the shares add up to ${total} %, more than all of the cloth`,
    })
  items.forEach(({ fibre }, index) => {
    if (items.findIndex((item) => item.fibre === fibre) < index)
      context.addIssue({ code: 'custom', path: [index, 'fibre'], message: `"${fibre}" is claimed twice` })
  })
})

export const ReadingSchema = z
  .strictObject({
    grams: z.number().gt(0, 'a weight is more than zero').lt(100_000, 'that is heavier than any piece of cloth'),
    resolutionGrams: z.number().gt(0, 'a scale has a step of more than zero').lte(1000).default(1),
    lengthMm: z.number().gt(0, 'a length is more than zero').lte(200_000, 'that is longer than any piece of cloth'),
    widthMm: z.number().gt(0, 'a width is more than zero').lte(10_000, 'that is wider than any cloth'),
    cutErrorMm: z.number().min(0, 'an error is not negative').lte(200).default(1),
    /** Layers within that length and width; one where left out. */
    layers: z.number().int().min(1, 'there is at least one layer').max(200).optional(),
    /** What is not cloth, g. */
    notionsGrams: z.number().min(0, 'notions weigh nothing or more').lt(100_000).optional(),
    notionsErrorGrams: z.number().min(0, 'an error is not negative').lt(100_000).optional(),
    /** Relative humidity of the air, per cent. */
    humidityPercent: z.number().min(0).max(100, 'air holds at most 100 %').optional(),
  })
  .superRefine(({ grams, notionsGrams = 0 }, context) => {
    if (notionsGrams > 0 && notionsGrams >= grams)
      context.addIssue({ code: 'custom', path: ['notionsGrams'], message: 'the notions weigh as much as the whole' })
  })

export const COLOURINGS = ['plain', 'stripe', 'check', 'print'] as const
const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'a colour is # and six hexadecimal digits')

/** How the cloth is drawn: its yarns' colours, and the pattern that they make. */
export const LookSchema = z.strictObject({
  warp: colour,
  weft: colour,
  accent: colour.nullable(),
  colouring: z.enum(COLOURINGS),
})

export const BodySchema = z.enum(BODIES)
export const OpacitySchema = z.enum(OPACITIES)

/** How often a piece has been washed since it came: measurements of different states are never mixed. */
export const WASH_STATES = ['unwashed', 'washed', 'washed-twice', 'unknown'] as const
export type WashState = (typeof WASH_STATES)[number]

const optionalText = (most: number) => z.string().trim().max(most, `at most ${most} characters`).default('')

/**
 * A piece of cloth as the person keeps it. What follows from its readings and observations is derived, never stored.
 */
export const PieceSchema = z.strictObject({
  name: z.string().trim().min(1, 'give it a name that you will know it by').max(80, 'at most 80 characters'),
  called: optionalText(80),
  construction: z.enum(CONSTRUCTIONS).nullable().default(null),
  widthMm: z
    .number()
    .gt(0, 'a width is more than zero')
    .lte(10_000, 'that is wider than any cloth')
    .nullable()
    .default(null),
  lengthMm: z
    .number()
    .gt(0, 'a length is more than zero')
    .lte(200_000, 'that is longer than any piece of cloth')
    .nullable()
    .default(null),
  place: optionalText(80),
  source: optionalText(120),
  notes: optionalText(2000),
  washed: z.enum(WASH_STATES).default('unknown'),
  body: BodySchema.nullable().default(null),
  opacity: OpacitySchema.nullable().default(null),
  stretchWidthPercent: z
    .number()
    .min(0, 'stretch is not negative')
    .max(300, 'that is more than any cloth stretches')
    .nullable()
    .default(null),
  claim: ClaimSchema.default([]),
  look: LookSchema.default({ warp: '#cfc3ac', weft: '#c7b99e', accent: null, colouring: 'plain' }),
})

export type Piece = z.infer<typeof PieceSchema>
export type PieceInput = z.input<typeof PieceSchema>
export type Reading = z.infer<typeof ReadingSchema>
export type Look = z.infer<typeof LookSchema>

const specimen = z.number().int().min(1).max(20, 'at most twenty specimens')

/**
 * One answer of a burn test, on one of its specimens, and when it was given (ISO 8601, UTC). No states where nothing
 * was seen.
 */
export const AnswerSchema = z.union([
  z.intersection(ObservationSchema, z.object({ specimen, at: z.iso.datetime().optional() })),
  z.strictObject({
    specimen,
    part: PartSchema,
    feature: z.string().refine((id) => findFeature(id) !== undefined, 'nothing observable is called so'),
    states: z.array(z.string()).max(0),
    at: z.iso.datetime().optional(),
  }),
])

/** What a test is for, and what is known before it: asked once, changed at any time. */
export const TestSetupSchema = z.strictObject({
  asks: z.enum(ASKS).default('fibre'),
  /** A flame is what a burn bench is for; the rest is said. */
  atHand: z.array(z.enum(TOOLS)).default(['flame']),
  history: HistorySchema.default({}),
  /** Whether the history counts; what is known stays written down either way. */
  countHistory: z.boolean().default(true),
  claim: ClaimSchema.default([]),
})

export type TestSetup = z.infer<typeof TestSetupSchema>

const seconds = z
  .number()
  .min(0, 'a time is not negative')
  .max(3600, 'no specimen burns for an hour')
  .nullable()
  .default(null)

/** What is noted of one specimen beside its answers. */
export const SpecimenNoteSchema = z.strictObject({
  specimen,
  part: PartSchema.default('whole'),
  note: optionalText(1000),
  catchSeconds: seconds,
  burnSeconds: seconds,
  burnMm: z
    .number()
    .gt(0, 'a length is more than zero')
    .lte(500, 'that is longer than any specimen')
    .nullable()
    .default(null),
  /** File name of its picture in the notebook's folder. */
  picture: z
    .string()
    .regex(/^[0-9a-f-]{36}\.(jpg|png|webp)$/, 'no picture is called so')
    .nullable()
    .default(null),
})

export type SpecimenNote = z.infer<typeof SpecimenNoteSchema>

/** A known piece of the controls box. */
export const ControlSchema = z.strictObject({
  fibre: FibreIdSchema,
  name: z.string().trim().min(1, 'give it a name that you will know it by').max(80, 'at most 80 characters'),
  /** Why the person is sure. */
  sure: optionalText(200),
})

export type Control = z.infer<typeof ControlSchema>
