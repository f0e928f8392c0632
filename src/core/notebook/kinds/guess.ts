import { z } from 'zod'
import { GUESS_STEPS, GUESSED, type Guessed } from '../../vocabulary/guessing'
import { defineKind } from './define'

/** Steps are counted from nothing, and there are only so many. */
const isStep = ({ what, said }: { what: Guessed; said: number }) =>
  GUESS_STEPS[what] === undefined || GUESS_STEPS[what][said] !== undefined

/** A property of a piece, guessed by hand before it was looked up or measured. */
export const GuessSchema = z
  .strictObject({
    pieceId: z.string().min(1).max(64),
    what: z.enum(GUESSED),
    /** g/m², per cent, mm; or the place of a step in its order. */
    said: z.number().min(0, 'Please enter zero or more.').max(1_000_000, 'That is more than any fabric has.'),
    /** As it was known then; null where it was to be measured yet. */
    truth: z.number().min(0).max(1_000_000).nullable().default(null),
    at: z.iso.datetime(),
  })
  .refine(isStep, { path: ['said'], message: 'There is no such grade.' })

export type Guess = z.output<typeof GuessSchema>

export const guessKind = defineKind({
  id: 'guess',
  words: { one: 'a guess', many: 'guesses' },
  version: 1,
  schema: GuessSchema,
  steps: [],
  references: { pieceId: { to: 'piece', whenRemoved: 'remove' } },
  title: ({ what }) => what,
  searched: () => [],
})
