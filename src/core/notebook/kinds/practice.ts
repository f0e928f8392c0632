import { z } from 'zod'
import { CardSchema } from '../../practice/schedule'
import { FAMILIES, FIBRE_IDS } from '../../vocabulary/fibres'
import { idText, listOf } from '../schemas/text'
import { defineKind } from './define'

/** What was said of one specimen, and whether it was right. */
export const PracticeAnswerSchema = z.strictObject({
  at: z.iso.datetime(),
  /** The specimen can be burnt again by it. */
  seed: z.number().int().min(0).max(1_000_000_000),
  /** Stages that were asked for. */
  asked: z.number().int().min(0).max(40),
  family: z.enum(FAMILIES),
  fibres: listOf(z.enum(FIBRE_IDS), 3),
  sure: z.number().min(0.5, 'half is guessing').max(1, 'nothing is surer than sure'),
  familyRight: z.boolean(),
  fibreRight: z.boolean().nullable(),
})

/** More answers than these of one topic tell nothing new. */
export const MOST_ANSWERS = 100

/** Something that is practised: when it comes again, and how it was answered. */
export const PracticeSchema = z.strictObject({
  topic: idText.min(1),
  card: CardSchema,
  /** The latest last. */
  answers: listOf(PracticeAnswerSchema, MOST_ANSWERS).default([]),
})

export type Practice = z.output<typeof PracticeSchema>

export const practiceKind = defineKind({
  id: 'practice',
  words: { one: 'a practice topic', many: 'practice topics' },
  version: 1,
  schema: PracticeSchema,
  steps: [],
  references: {},
  title: ({ topic }) => topic,
  searched: () => [],
})
