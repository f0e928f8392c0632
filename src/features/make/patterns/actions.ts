'use server'

import { z } from 'zod'
import { patternFrom } from '@/core/choose/envelope/asPattern'
import { readEnvelope } from '@/core/choose/envelope/readEnvelope'
import { type LengthRead } from '@/core/choose/envelope/reading'
import { PatternSchema } from '@/core/notebook/kinds/pattern'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { optionalText } from '@/core/notebook/schemas/text'
import { type Role } from '@/core/vocabulary/choosing'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { addPictureTo } from '@/server/pictures/photographs'
import { action, plainAction } from '../../shared/action'
import { now } from '../../shared/now'
import { sayingWhy } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'
import { amendAction, changeAction, dropAction, keepAction } from '../../shared/recordActions'

export const keepPattern = keepAction('pattern', PatternSchema)

/** Changes a pattern, where it still is as the person saw it. */
export const changePattern = changeAction('pattern', PatternSchema)

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
export const putOnList = amendAction('pattern', z.boolean(), (pattern, onList) => ({ ...pattern, onList }))

/** Puts a pattern into the bin; one that is gone already is no trouble. */
export const dropPattern = dropAction('pattern', '/make/patterns')
