'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { patternFrom } from '@/core/choose/envelope/asPattern'
import { readEnvelope } from '@/core/choose/envelope/readEnvelope'
import { type LengthRead } from '@/core/choose/envelope/reading'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { NewIdSchema, RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { optionalText } from '@/core/notebook/schemas/text'
import { type Role } from '@/core/vocabulary/choosing'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { addPictureTo } from '@/server/photographs'
import { amendRecord } from '@/server/store/amend'
import { changeRecord, removeRecord } from '@/server/store/repository'
import { createOnce } from '@/server/store/createOnce'
import { doneOf, outcomeOf, type Done, type Outcome, type Refusal } from '../../shared/outcome'
import { withSentPicture } from '../../shared/pictures/sent'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

export async function keepPattern(
  input: ActionInput<typeof PatternSchema>,
  id?: ActionInput<typeof NewIdSchema>,
): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'pattern', PatternSchema.parse(input), now(), NewIdSchema.parse(id)),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** Changes a pattern. @param which its id, and the revision that the person saw */
export async function changePattern(
  which: ActionInput<typeof SeenSchema>,
  input: ActionInput<typeof PatternSchema>,
): Promise<Outcome> {
  const seen = parseOr404(SeenSchema, which)
  const outcome = await outcomeOf(async () =>
    changeRecord(await notebook(), 'pattern', seen, PatternSchema.parse(input), now()),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

/** A length that an envelope seems to ask for, for the person to confirm beside the line that it was read from. */
export interface ReadLength extends LengthRead {
  role: Role
}

/** What a pasted envelope says, ready to stand in the form; its lengths apart, until they are confirmed. */
export async function readPasted(text: string) {
  const read = readEnvelope(parseOr404(optionalText(20_000), text))
  const lengths = read.roles.flatMap(({ role, lengths: own }): ReadLength[] => own.map((one) => ({ ...one, role })))
  return { pattern: patternFrom(read), lengths, name: read.name, views: read.views }
}

/** Adds a picture of the envelope to a pattern. */
export async function addEnvelopePicture(
  patternId: ActionInput<typeof RecordIdSchema>,
  form: FormData,
): Promise<Done> {
  const id = parseOr404(RecordIdSchema, patternId)
  const outcome = await withSentPicture(form, async (bytes) =>
    addPictureTo(await notebook(), notebookHome(), { kind: 'pattern', id }, bytes, now()),
  )
  revalidatePath('/', 'layout')
  return outcome
}

/** Puts a pattern on the list for the shop, or takes it off. */
export async function putOnList(patternId: ActionInput<typeof RecordIdSchema>, isOn: boolean): Promise<Done> {
  const [id, onList] = [parseOr404(RecordIdSchema, patternId), parseOr404(z.boolean(), isOn)]
  const outcome = await doneOf(async () =>
    amendRecord(await notebook(), 'pattern', id, now(), (pattern) => ({ ...pattern, onList })),
  )
  revalidatePath('/', 'layout')
  return outcome
}

/** Puts a pattern into the bin; one that is gone already is no trouble. */
export async function dropPattern(patternId: ActionInput<typeof RecordIdSchema>): Promise<Refusal> {
  const id = parseOr404(RecordIdSchema, patternId)
  const outcome = await doneOf(async () => removeRecord(await notebook(), 'pattern', { id }, now()))
  if (!outcome.ok && !outcome.gone) return outcome
  revalidatePath('/', 'layout')
  redirect('/patterns')
}
