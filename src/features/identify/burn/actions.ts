'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { AnswersSchema, SpecimenNotesSchema, TestSetupSchema } from '@/core/notebook/kinds/burnTest'
import { ControlSchema } from '@/core/notebook/kinds/control'
import { NewIdSchema, RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { changeBurnTest, findBurnTest } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { isHeavyRefusal } from '@/server/jobs/refusal'
import { savePicture, sweepPictures } from '@/server/pictures'
import { removeRecord } from '@/server/store/repository'
import { createOnce } from '@/server/store/createOnce'
import { doneOf, outcomeOf, type Done, type Outcome, type Refusal } from '../../shared/outcome'
import { parseOr404 } from '../../shared/parseOr404'
import { now } from '../../shared/now'
import { type ActionInput } from '../../shared/actionInput'

const TestParts = z.strictObject({
  answers: AnswersSchema.optional(),
  setup: TestSetupSchema.optional(),
  specimens: SpecimenNotesSchema.optional(),
})

/** Keeps what changed of a test, where it still is as the person saw it. */
export async function saveTest(
  seen: ActionInput<typeof SeenSchema>,
  changed: ActionInput<typeof TestParts>,
): Promise<Outcome> {
  return outcomeOf(async () => {
    const test = SeenSchema.parse(seen)
    return { id: test.id, revision: await changeBurnTest(await notebook(), test, TestParts.parse(changed), now()) }
  })
}

/** Keeps a picture of a specimen, for its note to name. Answers its name, or what was wrong with it. */
export async function addPicture(
  testId: ActionInput<typeof RecordIdSchema>,
  form: FormData,
): Promise<{ name: string } | { error: string }> {
  const file = form instanceof FormData ? form.get('picture') : null
  if (!(file instanceof Blob)) return { error: 'No picture came along.' }
  const id = parseOr404(RecordIdSchema, testId)
  const db = await notebook()
  if (!(await findBurnTest(db, id))) return { error: 'This test was thrown away elsewhere.' }
  try {
    const name = await savePicture(notebookHome(), new Uint8Array(await file.arrayBuffer()))
    await sweepPictures(db, notebookHome(), Date.now())
    return { name }
  } catch (error) {
    if (error instanceof RangeError || isHeavyRefusal(error)) return { error: error.message }
    throw error
  }
}

export async function discardTest(testId: string): Promise<Refusal> {
  const outcome = await drop('burn-test', testId)
  if (!outcome.ok) return outcome
  redirect('/bench')
}

export async function keepControl(
  input: ActionInput<typeof ControlSchema>,
  id?: ActionInput<typeof NewIdSchema>,
): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createOnce(await notebook(), 'control', ControlSchema.parse(input), now(), NewIdSchema.parse(id)),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

export async function dropControl(controlId: string): Promise<Done> {
  const outcome = await drop('control', controlId)
  revalidatePath('/', 'layout')
  return outcome
}

/** Removes a record and its pictures; one that is gone already is no trouble. */
async function drop(kind: 'burn-test' | 'control', input: unknown): Promise<Done> {
  const id = parseOr404(RecordIdSchema, input)
  const outcome = await doneOf(async () => {
    const db = await notebook()
    await removeRecord(db, kind, { id }, now())
    await sweepPictures(db, notebookHome(), Date.now())
  })
  return !outcome.ok && outcome.gone ? { ok: true } : outcome
}
