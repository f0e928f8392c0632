'use server'

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
import { action, plainAction } from '../../shared/action'
import { now } from '../../shared/now'
import { keptRecord, sayingWhy, unlessGone } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'

export const keepPattern = action(
  [PatternSchema, NewIdSchema],
  async (pattern, id) => keptRecord(await createOnce(await notebook(), 'pattern', pattern, now(), id)),
  ['pattern'],
)

/** Changes a pattern, where it still is as the person saw it. */
export const changePattern = action(
  [SeenSchema, PatternSchema],
  async (seen, pattern) => keptRecord(await changeRecord(await notebook(), 'pattern', seen, pattern, now())),
  ['pattern'],
)

/** A length that an envelope seems to ask for, for the person to confirm beside the line that it was read from. */
export interface ReadLength extends LengthRead {
  role: Role
}

/** What a pasted envelope says, ready to stand in the form; its lengths apart, until they are confirmed. */
export const readPasted = plainAction([optionalText(20_000)], (text) => {
  const read = readEnvelope(text)
  const lengths = read.roles.flatMap(({ role, lengths: own }): ReadLength[] => own.map((one) => ({ ...one, role })))
  return Promise.resolve({ pattern: patternFrom(read), lengths, name: read.name, views: read.views })
})

/** Adds a picture of the envelope to a pattern. */
export const addEnvelopePicture = action(
  [RecordIdSchema, SentPictureSchema],
  async (id, sent) => {
    const bytes = await bytesOf(sent)
    await sayingWhy(async () => addPictureTo(await notebook(), notebookHome(), { kind: 'pattern', id }, bytes, now()))
  },
  ['pattern'],
)

/** Puts a pattern on the list for the shop, or takes it off. */
export const putOnList = action(
  [RecordIdSchema, z.boolean()],
  async (id, onList) => {
    await amendRecord(await notebook(), 'pattern', id, now(), (pattern) => ({ ...pattern, onList }))
  },
  ['pattern'],
)

/** Puts a pattern into the bin; one that is gone already is no trouble. */
export const dropPattern = action(
  [RecordIdSchema],
  async (id) => {
    await unlessGone(async () => removeRecord(await notebook(), 'pattern', { id }, now()))
    return { goTo: '/patterns' }
  },
  ['pattern'],
)
