import { z } from 'zod'
import { MAKING_STEPS, PRIORITIES, WEARS } from '../../vocabulary/making'
import { DaySchema, PhotographSchema } from '../schemas/stash'
import { listOf, nameText, optionalText } from '../schemas/text'
import { defineKind } from './define'

const id = z.string().min(1).max(64)

const minutes = z
  .number()
  .min(0, 'Please enter a time of zero or more.')
  .max(10_000, 'Please enter less than a week.')
const TookSchema = z.strictObject({ id: z.string().min(1).max(160), planned: minutes, minutes })
const CostSchema = z.strictObject({
  what: z.string().min(1).max(200),
  amount: z.number().min(0, 'Please enter a price of zero or more.').max(1_000_000, 'That price is too high.'),
})

/** Something that is being made, or was. Its cloths name it. */
export const ProjectSchema = z.strictObject({
  name: nameText,
  /** What it is made by; null once that pattern was thrown away. */
  patternId: id.nullable().default(null),
  view: optionalText(24),
  size: optionalText(24),
  copies: z
    .number()
    .int()
    .min(1, 'Please enter at least one.')
    .max(100, 'Please enter a hundred at most.')
    .default(1),
  notes: optionalText(4000),
  /** Steps that are behind it. */
  behind: listOf(z.enum(MAKING_STEPS), MAKING_STEPS.length).default([]),
  /** Steps of its plan that are done, by their ids, and those that were put off, until when. */
  ticked: listOf(z.string().min(1).max(160), 300).default([]),
  putOff: listOf(z.strictObject({ id: z.string().min(1).max(160), until: z.string().max(16) }), 100).default([]),
  /** Steps that the person put at a time of their own, and when. */
  placed: listOf(z.strictObject({ id: z.string().min(1).max(160), at: z.string().max(16) }), 100).default([]),
  /** By when it is wanted, and how it stands to others in the same hours. */
  wishDate: DaySchema.nullable().default(null),
  priority: z.enum(PRIORITIES).default('usual'),
  /** How long steps took, beside how long they were planned to; minutes of hands. */
  took: listOf(TookSchema, 300).default([]),
  /** Notions that are there, by their words. */
  bought: listOf(optionalText(200), 60).default([]),
  /** What things for it cost, by their words, in the currency as the person writes it. */
  costs: listOf(CostSchema, 100).default([]),
  currency: optionalText(8),
  finished: DaySchema.nullable().default(null),
  /** How it wore and washed since. */
  wore: listOf(z.enum(WEARS), WEARS.length).default([]),
  woreNotes: optionalText(2000),
  pictures: listOf(PhotographSchema, 12).default([]),
})

export type Project = z.infer<typeof ProjectSchema>

export const projectKind = defineKind({
  id: 'project',
  words: { one: 'a project', many: 'projects' },
  version: 4,
  schema: ProjectSchema,
  // Which steps of its plan are done, put off or placed, how long they took, what things cost, by when it is wanted:
  // nothing, of an older one.
  steps: [(data) => data, (data) => data, (data) => data],
  references: { patternId: { to: 'pattern', whenRemoved: 'clear' } },
  title: ({ name }) => name,
  searched: ({ name, notes, woreNotes }) => [name, notes, woreNotes],
})
