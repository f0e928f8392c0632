'use server'

import { NewIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { notebookHome } from '@/server/store/home'
import { addPhotograph } from '@/server/pictures/photographs'
import { keepQuick, QuickSchema } from '@/server/records/quickPieces'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { keptRecord } from '../../shared/outcome'
import { bytesOf, SentPictureSchema } from '../../shared/pictures/sent'

/**
 * Keeps a piece in a hurry, with a picture where one was taken. A picture that cannot be kept does not stop the piece
 * from being kept.
 */
export const quickKeep = action(
  [QuickSchema, SentPictureSchema.optional().catch(undefined), NewIdSchema],
  async (quick, sent, id) => {
    const db = await notebook()
    const piece = keptRecord(await keepQuick(db, quick, now(), id))
    if (sent)
      await addPhotograph(db, notebookHome(), piece.id, await bytesOf(sent), now()).catch((error: unknown) => {
        console.error('The photo of a quick entry was not saved:', error)
      })
    return piece
  },
  ['piece', 'heap', 'lot'],
  TOLD,
)
