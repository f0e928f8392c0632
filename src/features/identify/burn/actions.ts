'use server'

import { z } from 'zod'
import { AnswersSchema, SpecimenNotesSchema, TestSetupSchema } from '@/core/notebook/kinds/burnTest'
import { ControlSchema } from '@/core/notebook/kinds/control'
import { RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { changeBurnTest, findBurnTest } from '@/server/records/burnTests'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { savePicture, sweepPictures } from '@/server/pictures/pictures'
import { GoneError } from '@/server/store/errors'
import { removeRecord } from '@/server/store/repository'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy, unlessGone } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'
import { keepAction } from '../../shared/recordActions'

const TestParts = z.strictObject({
  answers: AnswersSchema.optional(),
  setup: TestSetupSchema.optional(),
  specimens: SpecimenNotesSchema.optional(),
})

/** Keeps what changed of a test, where it still is as the person saw it. The page that sent it shows it already. */
export const saveTest = action([SeenSchema, TestParts], async (test, changed) => {
  return { id: test.id, revision: await changeBurnTest(await notebook(), test, changed, now()) }
})

/** Keeps a picture of a specimen, for its note to name. Answers its name. */
export const addPicture = action([RecordIdSchema, SentPictureSchema], async (id, sent) => {
  const db = await notebook()
  if (!(await findBurnTest(db, id))) throw new GoneError('burn-test', id)
  const bytes = await bytesOf(sent)
  const name = await sayingWhy(() => savePicture(notebookHome(), bytes))
  await sweepPictures(db, notebookHome(), Date.now())
  return { name }
})

export const discardTest = action(
  [RecordIdSchema],
  async (id) => {
    await drop('burn-test', id)
    return { goTo: '/identify/burn' }
  },
  ['burn-test'],
  TOLD,
)

export const keepControl = keepAction('control', ControlSchema)

export const dropControl = action([RecordIdSchema], (id) => drop('control', id), ['control'], TOLD)

/** Removes a record and its pictures; one that is gone already is no trouble. */
async function drop(kind: 'burn-test' | 'control', id: string): Promise<void> {
  const db = await notebook()
  await unlessGone(() => removeRecord(db, kind, { id }, now()))
  await sweepPictures(db, notebookHome(), Date.now())
}
