import { z } from 'zod'
import { CardSchema } from '../../practice/schedule'
import { idText, listOf } from '../schemas/text'
import { defineKind } from './define'
import { MOST_ANSWERS } from './practice'

/** A cloth that is practised by looking: when it comes again, and what was said of it. */
export const LookPracticeSchema = z.strictObject({
  /** Of the named cloth. */
  topic: idText.min(1),
  card: CardSchema,
  answers: listOf(
    z.strictObject({ at: z.iso.datetime(), said: idText, sure: z.number().min(0.25).max(1), right: z.boolean() }),
    MOST_ANSWERS,
  ).default([]),
})

export const lookKind = defineKind({
  id: 'look',
  words: { one: 'a practice fabric', many: 'practice fabrics' },
  version: 1,
  schema: LookPracticeSchema,
  steps: [],
  references: {},
  title: ({ topic }) => topic,
  searched: () => [],
})
