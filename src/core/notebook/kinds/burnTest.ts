import { z } from 'zod'
import { findFeature } from '../../identify/features'
import { ASKS, TOOLS } from '../../vocabulary/observations'
import { BlindCodeSchema } from '../schemas/blind'
import { ClaimSchema } from '../schemas/claim'
import { HistorySchema } from '../schemas/history'
import { ObservationSchema, PartSchema } from '../schemas/observation'
import { idText, listOf, optionalText } from '../schemas/text'
import { defineKind } from './define'

const specimen = z.number().int().min(1).max(20, 'You can use twenty samples at most.')

/**
 * One answer of a burn test, on one of its specimens, and when it was given (ISO 8601, UTC). No states where nothing
 * was seen.
 */
export const AnswerSchema = z.union([
  z.intersection(ObservationSchema, z.object({ specimen, at: z.iso.datetime().optional() })),
  z.strictObject({
    specimen,
    part: PartSchema,
    feature: idText.refine((id) => findFeature(id) !== undefined, 'There is no such question.'),
    states: listOf(z.never(), 0),
    at: z.iso.datetime().optional(),
  }),
])

/** What a test is for, and what is known before it: asked once, changed at any time. */
export const TestSetupSchema = z.strictObject({
  asks: z.enum(ASKS).default('fibre'),
  /** A flame is what a burn bench is for; the rest is said. */
  atHand: listOf(z.enum(TOOLS), TOOLS.length).default(['flame']),
  history: HistorySchema.default({}),
  /** Whether the history counts; what is known stays written down either way. */
  countHistory: z.boolean().default(true),
  claim: ClaimSchema.default([]),
  /** Whether the result was asked for before every question: such a test is not waiting to be continued. */
  finished: z.boolean().optional(),
})

export type TestSetup = z.infer<typeof TestSetupSchema>

const seconds = z
  .number()
  .min(0, 'Please enter a time of zero or more.')
  .max(3600, 'Please enter less than an hour.')
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
    .gt(0, 'Please enter a length above zero.')
    .lte(500, 'That is longer than any sample.')
    .nullable()
    .default(null),
  /** File name of its picture in the notebook's folder. */
  picture: z
    .string()
    .regex(/^[0-9a-f-]{36}\.(jpg|png|webp)$/, 'There is no photo with this name.')
    .nullable()
    .default(null),
})

export type SpecimenNote = z.infer<typeof SpecimenNoteSchema>

const id = z.uuid()

/** Everything answered of one test. */
export const AnswersSchema = listOf(AnswerSchema, 500, 'You can save 500 answers at most.').superRefine(eachOnce)

export const SpecimenNotesSchema = listOf(SpecimenNoteSchema, 20, 'You can use twenty samples at most.')

/** A burn test as it is kept: what it is of, what it is for, and everything seen of its specimens. */
export const BurnTestSchema = z.strictObject({
  pieceId: id.nullable().default(null),
  /** The known piece that was burnt, where it was one. */
  controlId: id.nullable().default(null),
  /** The blind box and the letter that it was burnt under; what it is of is said when the box is open. */
  blindId: id.nullable().default(null),
  blindCode: BlindCodeSchema.nullable().default(null),
  setup: TestSetupSchema.prefault({}),
  answers: AnswersSchema.default([]),
  specimens: SpecimenNotesSchema.default([]),
})
export type BurnTest = z.infer<typeof BurnTestSchema>

/** A question is answered once of each specimen and part: a later answer takes the place of the one before. */
function eachOnce(answers: readonly { specimen: number; part: string; feature: string }[], context: z.RefinementCtx) {
  const seen = new Set<string>()
  answers.forEach(({ specimen, part, feature }, index) => {
    const key = `${specimen} ${part} ${feature}`
    if (seen.has(key)) context.addIssue({ code: 'custom', path: [index], message: `"${feature}" is answered twice` })
    seen.add(key)
  })
}

export const burnTestKind = defineKind({
  id: 'burn-test',
  words: { one: 'a burn test', many: 'burn tests' },
  version: 2,
  schema: BurnTestSchema,
  // What the later form has more of has a usual value.
  steps: [(data) => data],
  references: {
    pieceId: { to: 'piece', whenRemoved: 'remove' },
    controlId: { to: 'control', whenRemoved: 'remove' },
    blindId: { to: 'blind-box', whenRemoved: 'clear' },
  },
  title: () => 'burn test',
  searched: ({ specimens }) => specimens.map(({ note }) => note),
})
