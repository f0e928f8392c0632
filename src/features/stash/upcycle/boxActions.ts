'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { NotionSchema } from '@/core/notebook/kinds/notion'
import { YarnSchema } from '@/core/notebook/kinds/yarn'
import { NewIdSchema, RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { removeRecord } from '@/server/store/repository'
import { createOnce } from '@/server/store/createOnce'
import { doneOf, outcomeOf, type Done, type Outcome } from '../../shared/outcome'
import { now } from '../../shared/now'
import { parseOr404 } from '../../shared/parseOr404'
import { type ActionInput } from '../../shared/actionInput'

/** Puts something into the notions box. */
export async function keepNotion(
  input: ActionInput<typeof NotionSchema>,
  id?: ActionInput<typeof NewIdSchema>,
): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'notion', NotionSchema.parse(input), now(), NewIdSchema.parse(id)),
  )
  revalidatePath('/', 'layout')
  return outcome
}

/** How many of it there are now. */
export async function countNotion(
  notionId: ActionInput<typeof RecordIdSchema>,
  count: ActionInput<typeof NotionSchema>['count'],
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, notionId)
  const outcome = await doneOf(async () => {
    const { count: many } = NotionSchema.pick({ count: true }).parse({ count })
    return amendRecord(await notebook(), 'notion', id, now(), (notion) => ({ ...notion, count: many }))
  })
  revalidatePath('/', 'layout')
  return outcome
}

/** Keeps a yarn. */
export async function keepYarn(
  input: ActionInput<typeof YarnSchema>,
  id?: ActionInput<typeof NewIdSchema>,
): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'yarn', YarnSchema.parse(input), now(), NewIdSchema.parse(id)),
  )
  revalidatePath('/', 'layout')
  return outcome
}

const BoxKind = z.enum(['notion', 'yarn'])

/** Takes something out of the box for good. */
export async function dropFromBox(
  kind: ActionInput<typeof BoxKind>,
  recordId: ActionInput<typeof RecordIdSchema>,
): Promise<Done> {
  const of = parseOr404(BoxKind, kind)
  const id = parseOr404(RecordIdSchema, recordId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), of, { id }, now()))
  revalidatePath('/', 'layout')
  return outcome
}
