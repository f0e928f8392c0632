'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { z } from 'zod'
import { AnswerSchema, ControlSchema, SpecimenNoteSchema, TestSetupSchema } from '@/core/notebook/records'
import {
  changeSetup,
  findBurnTest,
  latestAtHand,
  removeBurnTest,
  setAnswers,
  startBurnTest,
} from '@/server/burnTests'
import { addControl, removeControl } from '@/server/controls'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/home'
import { savePicture, sweepPictures } from '@/server/pictures'
import { findPiece } from '@/server/pieces'
import { keepNotes } from '@/server/specimens'
import { refused, type Outcome } from '../outcome'

const id = z.number().int().positive()
const now = () => new Date().toISOString()

const Beginning = z.strictObject({ pieceId: id.optional(), controlId: id.optional() })

/**
 * Begins a test, of a piece, of a control or of a cloth that is not kept yet, and goes to it. A piece brings its
 * label along, and the last test what is at hand.
 */
export async function beginTest(of: unknown = {}): Promise<void> {
  const { pieceId, controlId } = Beginning.parse(of)
  const db = await notebook()
  const piece = pieceId === undefined ? undefined : await findPiece(db, pieceId)
  const testId = await startBurnTest(db, { pieceId, controlId }, now(), {
    atHand: await latestAtHand(db),
    claim: piece?.claim,
  })
  redirect(`/bench/${testId}`)
}

/** Keeps all answers of a test as they stand. Says false where the test is gone; throws on nonsense. */
export async function saveAnswers(testId: number, answers: unknown): Promise<boolean> {
  return setAnswers(await notebook(), id.parse(testId), z.array(AnswerSchema).max(500).parse(answers), now())
}

/** Keeps what a test is for. Says false where the test is gone; throws on nonsense. */
export async function saveSetup(testId: number, setup: unknown): Promise<boolean> {
  return changeSetup(await notebook(), id.parse(testId), TestSetupSchema.parse(setup))
}

/** Keeps what is noted of a test's specimens. Says false where the test is gone; throws on nonsense. */
export async function saveNotes(testId: number, notes: unknown): Promise<boolean> {
  const db = await notebook()
  if (!(await findBurnTest(db, id.parse(testId)))) return false
  await keepNotes(db, testId, z.array(SpecimenNoteSchema).max(20).parse(notes))
  return true
}

/** Keeps a picture of one specimen in the place of the one before. Answers its name, or what was wrong with it. */
export async function addPicture(
  testId: number,
  specimen: number,
  form: FormData,
): Promise<{ name: string } | { error: string }> {
  const file = form.get('picture')
  if (!(file instanceof Blob)) return { error: 'No picture came along.' }
  const db = await notebook()
  const test = await findBurnTest(db, id.parse(testId))
  if (!test) return { error: 'This test was thrown away elsewhere.' }
  try {
    const name = await savePicture(notebookHome(), new Uint8Array(await file.arrayBuffer()))
    const before = test.specimens.find((one) => one.specimen === specimen) ?? SpecimenNoteSchema.parse({ specimen })
    await keepNotes(db, testId, [{ ...before, picture: name }])
    await sweepPictures(db, notebookHome())
    return { name }
  } catch (error) {
    if (error instanceof RangeError) return { error: error.message }
    throw error
  }
}

export async function discardTest(testId: number): Promise<void> {
  const db = await notebook()
  await removeBurnTest(db, id.parse(testId))
  await sweepPictures(db, notebookHome())
  redirect('/bench')
}

export async function keepControl(input: unknown): Promise<Outcome> {
  const parsed = ControlSchema.safeParse(input)
  if (!parsed.success) return refused(parsed.error)
  const kept = await addControl(await notebook(), parsed.data, now())
  revalidatePath('/', 'layout')
  return { ok: true, id: kept }
}

export async function dropControl(controlId: number): Promise<void> {
  const db = await notebook()
  await removeControl(db, id.parse(controlId))
  await sweepPictures(db, notebookHome())
  revalidatePath('/', 'layout')
}
