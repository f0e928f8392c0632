'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { AnswerSchema, SpecimenNoteSchema, TestSetupSchema } from '@/core/notebook/kinds/burnTest'
import { ControlSchema } from '@/core/notebook/kinds/control'
import { RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { changeBurnTest, findBurnTest } from '@/server/burnTests'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { savePicture, sweepPictures } from '@/server/pictures'
import { createRecord, removeRecord } from '@/server/store/repository'
import { outcomeOf, type Outcome } from '../../shared/outcome'

const now = () => new Date().toISOString()

const TestParts = z.strictObject({
  answers: z.array(AnswerSchema).max(500).optional(),
  setup: TestSetupSchema.optional(),
  specimens: z.array(SpecimenNoteSchema).max(20).optional(),
})

/** Keeps what changed of a test, where it still is as the person saw it. */
export async function saveTest(seen: unknown, changed: unknown): Promise<Outcome> {
  return outcomeOf(async () => {
    const test = SeenSchema.parse(seen)
    return { id: test.id, revision: await changeBurnTest(await notebook(), test, TestParts.parse(changed), now()) }
  })
}

/** Keeps a picture of a specimen, for its note to name. Answers its name, or what was wrong with it. */
export async function addPicture(testId: unknown, form: FormData): Promise<{ name: string } | { error: string }> {
  const file = form.get('picture')
  if (!(file instanceof Blob)) return { error: 'No picture came along.' }
  const db = await notebook()
  if (!(await findBurnTest(db, RecordIdSchema.parse(testId))))
    return { error: 'This test was thrown away elsewhere.' }
  try {
    const name = await savePicture(notebookHome(), new Uint8Array(await file.arrayBuffer()))
    await sweepPictures(db, notebookHome(), Date.now())
    return { name }
  } catch (error) {
    if (error instanceof RangeError) return { error: error.message }
    throw error
  }
}

export async function discardTest(testId: unknown): Promise<void> {
  await drop('burn-test', testId)
  redirect('/bench')
}

export async function keepControl(input: unknown): Promise<Outcome> {
  const outcome = await outcomeOf(async () =>
    createRecord(await notebook(), 'control', ControlSchema.parse(input), now()),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

export async function dropControl(controlId: unknown): Promise<void> {
  await drop('control', controlId)
  revalidatePath('/', 'layout')
}

/** Removes a record and its pictures; one that is gone already is no trouble. */
async function drop(kind: 'burn-test' | 'control', input: unknown): Promise<void> {
  const id = RecordIdSchema.parse(input)
  const db = await notebook()
  await outcomeOf(async () => {
    await removeRecord(db, kind, { id }, now())
    return { id, revision: 1 }
  })
  await sweepPictures(db, notebookHome(), Date.now())
}
