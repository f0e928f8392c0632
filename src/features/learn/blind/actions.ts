'use server'

import { randomInt } from 'node:crypto'
import { z } from 'zod'
import { BlindBoxSchema } from '@/core/notebook/kinds/blindBox'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { writeBlindCode, FEWEST_BLIND, MOST_BLIND } from '@/core/practice/blind'
import { FAMILIES, FIBRE_IDS } from '@/core/vocabulary/fibres'
import { notebook } from '@/server/database'
import { answerBlind } from '@/server/records/blindBoxes'
import { amendRecord } from '@/server/store/amend'
import { createRecord } from '@/server/store/repository'
import { action } from '../../shared/action'
import { now } from '../../shared/now'
import { keptRecord } from '../../shared/outcome'

const ThingsSchema = z
  .array(
    z.strictObject({
      id: RecordIdSchema,
      from: z.enum(['control', 'piece']),
      name: nameText,
      fibres: listOf(z.enum(FIBRE_IDS), 3).min(1),
    }),
  )
  .min(FEWEST_BLIND, 'Choose at least three: with two, the last one gives itself away.')
  .max(MOST_BLIND, 'Choose eight at most.')

/** Shuffles known things and gives each a letter. */
export const packBox = action(
  [ThingsSchema],
  async (things) => {
    const entries = writeBlindCode(things, randomInt(1_000_000_000)).map(
      ({ code, thing: { id, from, ...thing } }) => ({
        code,
        ...thing,
        controlId: from === 'control' ? id : null,
        pieceId: from === 'piece' ? id : null,
        answer: null,
      }),
    )
    const box = BlindBoxSchema.parse({ begun: now(), entries })
    return keptRecord(await createRecord(await notebook(), 'blind-box', box, now()))
  },
  ['blind-box'],
)

/** The envelopes are closed: the key is put away. */
export const closeBox = action(
  [RecordIdSchema],
  async (id) => {
    await amendRecord(await notebook(), 'blind-box', id, now(), (box) => ({ ...box, isPacked: true }))
  },
  ['blind-box'],
)

const SaidSchema = z.strictObject({
  code: z.string().max(1),
  family: z.enum(FAMILIES),
  fibres: listOf(z.enum(FIBRE_IDS), 3),
  sure: z.number().min(0.5).max(1),
})

/** What somebody says that lies under a letter. */
export const sayBlind = action(
  [RecordIdSchema, SaidSchema],
  async (id, { code, ...answer }) => {
    await answerBlind(await notebook(), id, { code, answer }, now())
  },
  ['blind-box'],
)
