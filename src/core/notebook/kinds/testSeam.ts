import { z } from 'zod'
import { PictureNameSchema } from '../schemas/stash'
import { optionalText } from '../schemas/text'
import { defineKind } from './define'

/** How a test seam came out. */
export const SEAM_CAME = ['good', 'puckered', 'skipped', 'holes', 'wavy', 'marks'] as const
export type SeamCame = (typeof SEAM_CAME)[number]

/** A seam on a scrap of a piece: with what it was sewn, and how it came out. */
export const TestSeamSchema = z.strictObject({
  pieceId: z.string().min(1).max(64),
  needleNm: z.number().int().min(60, 'NM 60 is the finest').max(120, 'NM 120 is the strongest'),
  point: optionalText(24),
  thread: optionalText(60),
  lengthMm: z.number().min(0.5, 'Please enter at least 0.5 mm.').max(6, 'Please enter 6 mm at most.'),
  tension: z.enum(['looser', 'usual', 'firmer']).default('usual'),
  /** Which of the ways of sewing it was, by its id; empty: a plain seam. */
  technique: optionalText(40),
  came: z.enum(SEAM_CAME),
  /** Its picture, by its file’s name. */
  picture: PictureNameSchema.nullable().default(null),
  notes: optionalText(600),
})

export type TestSeam = z.output<typeof TestSeamSchema>

export const testSeamKind = defineKind({
  id: 'test-seam',
  words: { one: 'a test seam', many: 'test seams' },
  version: 2,
  schema: TestSeamSchema,
  // Neither a way of sewing nor a picture, of an older one.
  steps: [(data) => data],
  references: { pieceId: { to: 'piece', whenRemoved: 'remove' } },
  title: ({ needleNm, lengthMm }) => `NM ${needleNm}, ${lengthMm} mm`,
  searched: ({ notes }) => [notes],
})
