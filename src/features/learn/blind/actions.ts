'use server'

import { randomInt } from 'node:crypto'
import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { BlindBoxSchema } from '@/core/notebook/kinds/blindBox'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { writeBlindCode, FEWEST_BLIND, MOST_BLIND } from '@/core/practice/blind'
import { FAMILIES, FIBRE_IDS } from '@/core/vocabulary/fibres'
import { notebook } from '@/server/database'
import { answerBlind } from '@/server/blindBoxes'
import { amendRecord } from '@/server/store/amend'
import { createRecord } from '@/server/store/repository'
import { doneOf, outcomeOf, type Done, type Outcome } from '../../shared/outcome'
import { now } from '../../shared/now'
import { parseOr404 } from '../../shared/parseOr404'
import { type ActionInput } from '../../shared/actionInput'

const ThingsSchema = z
  .array(
    z.strictObject({
      id: RecordIdSchema,
      from: z.enum(['control', 'piece']),
      name: nameText,
      fibres: listOf(z.enum(FIBRE_IDS), 3).min(1),
    }),
  )
  .min(FEWEST_BLIND, 'three things at least: two are told by which is left')
  .max(MOST_BLIND, 'eight things at most')

/** Shuffles known things and gives each a letter. */
export async function packBox(things: ActionInput<typeof ThingsSchema>): Promise<Outcome> {
  const outcome = await outcomeOf(async () => {
    const chosen = ThingsSchema.parse(things)
    const entries = writeBlindCode(chosen, randomInt(1_000_000_000)).map(
      ({ code, thing: { id, from, ...thing } }) => ({
        code,
        ...thing,
        controlId: from === 'control' ? id : null,
        pieceId: from === 'piece' ? id : null,
        answer: null,
      }),
    )
    const box = BlindBoxSchema.parse({ begun: now(), entries })
    return createRecord(await notebook(), 'blind-box', box, now())
  })
  revalidatePath('/learn/blind')
  return outcome
}

/** The envelopes are closed: the key is put away. */
export async function closeBox(boxId: ActionInput<typeof RecordIdSchema>): Promise<Done> {
  const id = parseOr404(RecordIdSchema, boxId)
  const outcome = await doneOf(async () =>
    amendRecord(await notebook(), 'blind-box', id, now(), (box) => ({ ...box, isPacked: true })),
  )
  revalidatePath('/learn/blind')
  return outcome
}

const SaidSchema = z.strictObject({
  code: z.string().max(1),
  family: z.enum(FAMILIES),
  fibres: listOf(z.enum(FIBRE_IDS), 3),
  sure: z.number().min(0.5).max(1),
})

/** What somebody says that lies under a letter. */
export async function sayBlind(
  boxId: ActionInput<typeof RecordIdSchema>,
  input: ActionInput<typeof SaidSchema>,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, boxId)
  const outcome = await doneOf(async () => {
    const { code, ...answer } = SaidSchema.parse(input)
    return answerBlind(await notebook(), id, { code, answer }, now())
  })
  revalidatePath('/learn/blind')
  return outcome
}
